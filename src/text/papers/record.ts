import { asOf, partAt, roadLimits, type Entry, type RigState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import {
  type FactId,
  FACT_GROUPS,
  FACT_IDS,
  factApplies,
  factDef,
  PART_KINDS,
  placesOf,
  type RigModel,
} from '@/core/rig';
import { day, dayInFull } from '../dates';
import { entryWords, KIND_OF_ENTRY } from '../entry';
import { FACT_GROUP_WORDS, FACT_WORDS } from '../facts';
import { findingWords } from '../finding';
import { VERDICT_WORDS } from '../grades';
import { placeName, placeWords } from '../gear';
import { limitsWhy, rollWords } from '../limits';
import { capital, count, list, measure, small } from '../measure';
import { PART_FACT_WORDS, PART_WORDS, partFactText } from '../parts';
import { KIND_WORDS } from '../rig';
import { charts, type ReadAt } from './chart';
import { factFigure } from './tongue';
import type { Block, Figure, Paper } from './paper';

/** A wheel end's story is told by what was done and seen there; trips and facts stand by themselves. */
const AT_A_PLACE = new Set<Entry['kind']>([
  'work',
  'recheck',
  'finding.opened',
  'finding.closed',
  'reading',
  'part.fitted',
  'part.moved',
  'event',
  'trouble',
  'survey',
  'opinion',
  'decision',
]);

/** What the record is made of. */
export interface RecordOf {
  /** Of this rig alone, in their order, the withdrawn ones among them. */
  readonly entries: readonly Entry[];
  /** Ids of those that were withdrawn or corrected. */
  readonly retracted: ReadonlySet<string>;
  readonly rig: RigState;
  readonly model: RigModel;
  readonly system: UnitSystem;
  readonly printed: string;
  /** Its short sum, and over how many entries. */
  readonly fingerprint: { readonly sum: string; readonly count: number };
  /** Only what is found, or all with pictures. */
  readonly photos: readonly { readonly hash: string; readonly caption: string }[];
  readonly placesOf: (entry: Entry) => readonly string[];
  /** Everything read, by what and where: `pressure@1L`. */
  readonly points: Readonly<Record<string, readonly ReadAt[]>>;
}

function facts({ model, system }: RecordOf): readonly Block[] {
  // What is not asked of every rig stands here only where it was told.
  const shown = (id: FactId, figure: Figure) =>
    factDef(id).asked === undefined || figure.value !== undefined ? [figure] : [];
  return FACT_GROUPS.flatMap((group): readonly Block[] => {
    const rows = FACT_IDS.filter((id) => factDef(id).group === group).flatMap((id): readonly Figure[] => {
      if (factDef(id).scope === 'rig')
        return factApplies(model, id) ? shown(id, factFigure(model, id, system)) : [];
      return model.axles.flatMap((_, i) => {
        if (!factApplies(model, id, i)) return [];
        const figure = factFigure(model, id, system, i);
        return shown(
          id,
          model.axles.length === 1 ? figure : { ...figure, label: `${figure.label}, axle ${i + 1}` },
        );
      });
    });
    return rows.length === 0
      ? []
      : [
          { as: 'sub', text: FACT_GROUP_WORDS[group] },
          { as: 'figures', rows },
        ];
  });
}

/** What a line of an entry is about: lines of several places begin with theirs. */
const OF_A_PLACE = /^([123][LR]|S[12]): /;

/** Lines of a place: its own without its name, and those of no place. */
function linesAt(lines: readonly string[], place: string | undefined): readonly string[] {
  return lines.flatMap((line) => {
    const [lead, of] = OF_A_PLACE.exec(line) ?? [];
    if (place === undefined || lead === undefined) return [line];
    return of === place ? [line.slice(lead.length)] : [];
  });
}

function rowsOf(
  entries: readonly Entry[],
  { system, printed }: RecordOf,
  place?: string,
): readonly (readonly string[])[] {
  return entries.map((entry) => {
    const { title, lines } = entryWords(entry, system, () => undefined);
    return [
      day(entry.happened, printed),
      KIND_OF_ENTRY[entry.kind],
      [title, ...linesAt(lines, place)].join('. '),
    ];
  });
}

const TABLE = { head: ['Day', 'Kind', 'What'], widths: [62, 58, '*'] } as const;

function places(of: RecordOf, counting: readonly Entry[]): readonly Block[] {
  return [...placesOf(of.model), 'rig' as const].flatMap((place): readonly Block[] => {
    const here = counting.filter(
      (entry) => AT_A_PLACE.has(entry.kind) && of.placesOf(entry).some((one) => one === place),
    );
    if (here.length === 0) return [];
    const name = place === 'rig' ? 'The whole rig' : placeName(place);
    const where = place !== 'rig' && name === place ? `${name}, ${placeWords(place, of.model)}` : name;
    return [
      { as: 'sub', text: where },
      ...charts(place, of.points, of.system, of.printed),
      { as: 'table', ...TABLE, rows: rowsOf(here, of, place) },
    ];
  });
}

function parts({ rig, model, system }: RecordOf): readonly Block[] {
  const rows = placesOf(model).flatMap((place) =>
    PART_KINDS.flatMap((kind): (readonly string[])[] => {
      const part = partAt(rig, kind, place);
      if (!part) return [];
      const said = Object.entries(part.facts).flatMap(([fact, spec]) =>
        spec
          ? [`${small(PART_FACT_WORDS[fact]?.label ?? fact)} ${partFactText(fact, spec.value, system)}`]
          : [],
      );
      return [
        [placeName(place), PART_WORDS[kind].one, said.length > 0 ? capital(said.join(', ')) : 'nothing read'],
      ];
    }),
  );
  return rows.length === 0
    ? [{ as: 'text', text: 'No parts on record.' }]
    : [{ as: 'table', head: ['Place', 'Part', 'Read off it'], widths: [70, 90, '*'], rows }];
}

/** The service record: the whole life of a rig, honest by construction: what was withdrawn is listed as withdrawn, and each page carries the sum of what it was made of. */
export function serviceRecord(of: RecordOf): Paper {
  const { entries, retracted, rig, model, system, printed, fingerprint, photos } = of;
  const counting = entries.filter((entry) => !retracted.has(entry.id) && entry.kind !== 'void');
  const gone = entries.filter((entry) => retracted.has(entry.id));
  const trips = counting.filter(({ kind }) => kind === 'trip');
  const stands = asOf(rig, printed);
  const open = Object.values(stands.findings);
  const limits = open.some(({ limit }) => limit) ? roadLimits(rig, printed) : undefined;
  const first = entries[0];
  return {
    title: `Service record: ${model.name}`,
    about: [
      `${capital(KIND_WORDS[model.kind])}, ${count(model.axles.length, 'axle')}. Printed ${dayInFull(printed)}.`,
      first
        ? `On record since ${dayInFull(first.happened)}: ${measure(rig.distance, 'distance', system)}, ${count(trips.length, 'trip')}${rig.launches > 0 ? `, ${count(rig.launches, 'launch', 'launches')}` : ''}.`
        : 'Nothing on record yet.',
    ],
    foot: `Fingerprint ${fingerprint.sum}, ${count(fingerprint.count, 'entry', 'entries')}`,
    blocks: [
      { as: 'head', text: 'What is open' },
      open.length === 0
        ? { as: 'text', text: 'No finding is open.' }
        : {
            as: 'table',
            head: ['Since', 'Where', 'Verdict', 'What'],
            widths: [62, 62, 46, '*'],
            rows: open.map((one) => [
              day(one.at, printed),
              placeName(one.place),
              VERDICT_WORDS[one.verdict],
              capital(findingWords(one, system)),
            ]),
          },
      // The same line as on the Yard: a paper is not milder than a screen.
      ...(limits
        ? [
            {
              as: 'text' as const,
              text: `${rollWords(limits, system)}. ${limitsWhy(limits, system, printed)}`,
            },
          ]
        : []),
      { as: 'head', text: 'Work, readings and findings by place' },
      ...(counting.length === 0
        ? [{ as: 'text' as const, text: 'Nothing on record yet.' }]
        : places(of, counting)),
      { as: 'head', text: 'Parts as they sit' },
      ...parts(of),
      { as: 'head', text: 'Facts and where they come from' },
      ...facts(of),
      { as: 'head', text: 'Trips' },
      trips.length === 0
        ? { as: 'text', text: 'No trip on record.' }
        : { as: 'table', ...TABLE, rows: rowsOf(trips, of) },
      ...(gone.length > 0
        ? [
            { as: 'head' as const, text: 'Withdrawn or corrected' },
            { as: 'text' as const, text: 'Told once and taken back since; nothing of it counts above.' },
            { as: 'table' as const, ...TABLE, rows: rowsOf(gone, of) },
          ]
        : []),
      ...(photos.length > 0 ? [{ as: 'head' as const, text: 'Photos' }] : []),
      ...photos.map((one) => ({ as: 'photo' as const, ...one })),
      { as: 'head', text: 'How to check this record' },
      {
        as: 'text',
        text: `The fingerprint at the foot is made of every entry of this rig up to the day printed, ${count(fingerprint.count, 'entry', 'entries')} in all, those withdrawn among them. An archive of the same log gives the same fingerprint; one entry more, less or other gives another. Labels: ${list(['maker’s figure', 'marked or measured', 'guess'])} say where a figure comes from. ${FACT_WORDS.torque.label} is never worked out.`,
      },
    ],
  };
}
