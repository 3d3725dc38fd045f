/** A line of a table or a list of figures: what it is, its value, and where that comes from. */
export interface Figure {
  readonly label: string;
  /** Undefined is not known, and stands on paper with a line to write it on. */
  readonly value?: string | undefined;
  readonly source?: string | undefined;
}

/** A piece of a paper, one below the other. */
export type Block =
  | { readonly as: 'head'; readonly text: string }
  | { readonly as: 'sub'; readonly text: string }
  | { readonly as: 'text'; readonly text: string; readonly strong?: true }
  | { readonly as: 'big'; readonly figures: readonly Figure[] }
  | { readonly as: 'figures'; readonly rows: readonly Figure[] }
  | { readonly as: 'steps'; readonly items: readonly string[] }
  | { readonly as: 'bullets'; readonly items: readonly string[] }
  | {
      readonly as: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** How wide each column is: as it needs, what is left, or points. */
      readonly widths?: readonly ('auto' | '*' | number)[];
    }
  /** Something to be ticked or written on. */
  | { readonly as: 'box'; readonly text: string; readonly write?: string | undefined }
  | { readonly as: 'drawing'; readonly svg: string; readonly width: number }
  | { readonly as: 'code'; readonly text: string; readonly said: string; readonly svg?: string }
  | { readonly as: 'photo'; readonly hash: string; readonly caption: string }
  /** Two pieces of a card side by side. */
  | { readonly as: 'columns'; readonly left: readonly Block[]; readonly right: readonly Block[] };

/** A paper as it is laid out: one column of thought, page numbers and date at its foot. */
export interface Paper {
  readonly title: string;
  /** What it is of, and when it was made. */
  readonly about: readonly string[];
  /** What stands at the foot of each page beside its number. */
  readonly foot: string;
  /** Half a page, for the tongue box. */
  readonly half?: true;
  readonly blocks: readonly Block[];
}

/** The pictures a paper shows, by their hash. */
export function picturesOf({ blocks }: Paper): readonly string[] {
  return blocks.flatMap((block) => (block.as === 'photo' ? [block.hash] : []));
}

/** All that a paper says, as plain text: for tests, and for whoever cannot open it. */
export function textOf({ title, about, blocks }: Pick<Paper, 'title' | 'about' | 'blocks'>): string {
  const figure = ({ label, value, source }: Figure) =>
    `${label}: ${value ?? 'not known'}${source ? ` (${source})` : ''}`;
  const lines = blocks.flatMap((block): readonly string[] => {
    switch (block.as) {
      case 'head':
      case 'sub':
      case 'text':
        return [block.text];
      case 'big':
        return block.figures.map(figure);
      case 'figures':
        return block.rows.map(figure);
      case 'steps':
      case 'bullets':
        return block.items;
      case 'table':
        return [block.head, ...block.rows].map((row) => row.join(' | '));
      case 'box':
        return [`[ ] ${block.text}${block.write === undefined ? '' : ` ____ ${block.write}`}`];
      case 'code':
        return [block.said];
      case 'photo':
        return [block.caption];
      case 'columns':
        return [...block.left, ...block.right].map((one) =>
          textOf({ title: '', about: [], blocks: [one] }).trim(),
        );
      case 'drawing':
        return [];
    }
  });
  return [title, ...about, ...lines].join('\n');
}
