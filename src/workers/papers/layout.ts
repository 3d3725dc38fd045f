import type { Content, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';
import type { Block, Figure, Paper } from '@/text/papers';

/** The sheet it is printed on. */
export type Sheet = 'letter' | 'a4';

const INK = '#17201d';
const SOFT = '#535e59';
const LINE = '#b9b3a5';
/** Half a sheet (points). */
const HALF: Readonly<Record<Sheet, { readonly width: number; readonly height: number }>> = {
  letter: { width: 396, height: 612 },
  a4: { width: 420, height: 595 },
};
/** What our faces have no glyph for, as it is said: paper is never left with a gap. */
const SAID: Readonly<Record<string, string>> = { Ω: 'ohm', '→': 'to', '≥': 'at least', '≤': 'at most' };

/** Words as our faces can print them. */
const printable = (text: string): string => text.replace(/[Ω→≥≤]/g, (sign) => SAID[sign] ?? sign);

/** Something to write on by hand (points of dots would not copy: a rule does). */
const BLANK = '______________';

function figureRow({ label, value, source }: Figure, half: boolean): TableCell[] {
  return [
    { text: label, color: SOFT },
    value === undefined
      ? { text: BLANK, color: SOFT }
      : {
          text: [
            { text: value, bold: true },
            ...(source ? [{ text: `  ${source}`, color: SOFT, fontSize: half ? 6 : 7.5 }] : []),
          ],
        },
  ];
}

const HAIRLINES = {
  hLineWidth: () => 0.4,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingTop: () => 1.3,
  paddingBottom: () => 1.3,
  paddingLeft: () => 0,
  paddingRight: () => 6,
};

/** A square to be ticked: made anew for each, since laying out writes on what it is given. */
const tick = (): Content => ({
  svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10" width="10" height="10"><rect x="1" y="1" width="8" height="8" fill="none" stroke="${INK}" stroke-width="0.9"/></svg>`,
  width: 9,
  margin: [0, 1.5, 0, 0],
});

function block(one: Block, pictures: Readonly<Record<string, string>>, half: boolean): Content {
  switch (one.as) {
    case 'head':
      return { text: one.text, style: 'head', headlineLevel: 1 };
    case 'sub':
      return { text: one.text, style: 'sub', headlineLevel: 2 };
    case 'text':
      return { text: one.text, margin: [0, 2, 0, 4], bold: one.strong === true };
    case 'big':
      return {
        columns: one.figures.map(({ label, value, source }) => ({
          stack: [
            { text: label, color: SOFT, fontSize: 8 },
            {
              text: value ?? BLANK,
              font: 'Figures',
              fontSize: value === undefined || half ? 17 : 24,
              lineHeight: 1,
            },
            ...(source ? [{ text: source, color: SOFT, fontSize: 7.5 }] : []),
          ],
        })),
        margin: [0, 4, 0, 4],
      };
    case 'figures':
      return {
        table: { widths: ['40%', '*'], body: one.rows.map((row) => figureRow(row, half)) },
        layout: HAIRLINES,
        margin: [0, 0, 0, 4],
      };
    case 'steps':
      return { ol: [...one.items], margin: [0, 2, 0, 4] };
    case 'bullets':
      return { ul: [...one.items], margin: [0, 2, 0, 4] };
    case 'table':
      return {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [...(one.widths ?? one.head.map(() => 'auto' as const))],
          body: [
            one.head.map((text): TableCell => ({ text, color: SOFT, fontSize: 8 })),
            ...one.rows.map((row) => [...row]),
          ],
        },
        layout: HAIRLINES,
        margin: [0, 0, 0, 6],
      };
    case 'box':
      return {
        columns: [
          { stack: [tick()], width: 15 },
          {
            text: one.write === undefined ? one.text : `${one.text}: ${BLANK} ${one.write}`.trim(),
            width: '*',
          },
        ],
        margin: [0, 2, 0, 2],
      };
    case 'drawing':
      return { svg: one.svg, width: one.width, margin: [0, 4, 0, 4] };
    case 'code':
      return {
        stack: [
          { qr: one.text, fit: half ? 118 : 150, eccLevel: 'L' },
          { text: one.said, color: SOFT, fontSize: half ? 6 : 8, margin: [0, 3, 0, 0] },
        ],
        margin: [0, 6, 0, 0],
        unbreakable: true,
      };
    case 'photo': {
      const picture = pictures[one.hash];
      return {
        stack: [
          picture
            ? { image: picture, fit: [300, 220] }
            : { text: 'This picture is not on this device.', color: SOFT },
          { text: one.caption, color: SOFT, fontSize: 8, margin: [0, 2, 0, 8] },
        ],
        unbreakable: true,
      };
    }
    case 'columns':
      return {
        columns: [one.left, one.right].map((blocks) => ({
          stack: blocks.map((each) => block(each, pictures, half)),
          width: '*',
        })),
        columnGap: 14,
      };
  }
}

/** A heading goes along with the picture below it: neither is left alone. */
function together(blocks: readonly Block[]): readonly (readonly Block[])[] {
  const groups: Block[][] = [];
  for (const one of blocks) {
    const last = groups.at(-1);
    if (one.as === 'photo' && last?.length === 1 && last[0]?.as === 'head') last.push(one);
    else groups.push([one]);
  }
  return groups;
}

/** A paper as pages: one column, its own mark in the corner, foot and number on each page. */
export function layoutOf(
  told: Paper,
  sheet: Sheet,
  pictures: Readonly<Record<string, string>>,
  made: Date,
): TDocumentDefinitions {
  // Every word of it, wherever it stands.
  const paper = JSON.parse(printable(JSON.stringify(told))) as Paper;
  const margin = paper.half ? 20 : 48;
  return {
    info: { title: paper.title, creator: 'Yardline', producer: 'Yardline', creationDate: made },
    pageSize: paper.half ? HALF[sheet] : sheet === 'letter' ? 'LETTER' : 'A4',
    pageMargins: [margin, margin, margin, margin],
    defaultStyle: {
      font: 'Words',
      fontSize: paper.half ? 6.8 : 9.5,
      color: INK,
      lineHeight: paper.half ? 1.05 : 1.15,
    },
    styles: {
      title: { font: 'Figures', fontSize: paper.half ? 15 : 24, lineHeight: 1 },
      head: { font: 'Figures', fontSize: 14, margin: [0, 12, 0, 4], lineHeight: 1 },
      sub: {
        bold: true,
        fontSize: paper.half ? 7.6 : 10.5,
        margin: paper.half ? [0, 3, 0, 1] : [0, 6, 0, 2],
      },
    },
    // A heading is never left at the foot of a page by itself.
    pageBreakBefore: (node, around) =>
      node.headlineLevel !== undefined && around.getFollowingNodesOnPage().length === 0,
    footer: (page, pages) => ({
      columns: [
        { text: paper.foot, color: SOFT, fontSize: 7.5 },
        { text: `Yardline · ${page} of ${pages}`, color: SOFT, fontSize: 7.5, alignment: 'right' },
      ],
      margin: [margin, paper.half ? 6 : 18, margin, 0],
    }),
    content: [
      { text: paper.title, style: 'title' },
      ...paper.about.map((text): Content => ({ text, color: SOFT, margin: [0, 2, 0, 0] })),
      ...together(paper.blocks).map((blocks): Content => {
        const made = blocks.map((one) => block(one, pictures, paper.half === true));
        return made.length === 1 && made[0] ? made[0] : { stack: made, unbreakable: true };
      }),
    ],
  };
}
