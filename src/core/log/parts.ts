import { type ReadingId, READING_IDS } from '../rules';
import { mine, type Own } from './define';
import type { Instant } from '../base';
import {
  isWheelEnd,
  rolls,
  type PartFacts,
  type PartKind,
  type Place,
  type Shelf,
  type ShelfGrade,
  type WheelEnd,
} from '../rig';
import type { PartState, RigState } from './state';

type Parts = RigState['parts'];
type Rig = Pick<RigState, 'parts' | 'distance'>;
type Rest = Place | 'shelf' | 'gone';

/** How far a part has rolled (m): a least figure where what came before is not known. */
export function rolledBy(rig: Pick<RigState, 'distance'>, part: PartState): number {
  return part.rolled + (rolls(part.at) ? rig.distance - part.rigDistance : 0);
}

/** The part of a kind that sits at a place. */
export function partAt(rig: Pick<RigState, 'parts'>, kind: PartKind, place: Place): PartState | undefined {
  // A loop without a list: a log of twenty years asks this thousands of times.
  for (const id in rig.parts) {
    const part = rig.parts[id];
    if (part?.at === place && part.kind === kind) return part;
  }
  return undefined;
}

/** How a part was laid by: how good it was found, and where it lies. */
interface LaidBy {
  readonly grade?: ShelfGrade | undefined;
  readonly shelf?: Shelf | undefined;
}

function rest(rig: Rig, part: PartState, to: Rest, at: Instant, { grade, shelf }: LaidBy): PartState {
  const { shelf: _, ...rest } = part;
  return {
    ...rest,
    ...(to === 'shelf' && shelf && { shelf }),
    at: to,
    since: at,
    rolled: rolledBy(rig, part),
    rigDistance: rig.distance,
    grade,
  };
}

/** The parts of a rig with one more, fitted or laid on the shelf; what sat in its place makes room. */
export function fit(
  rig: Rig,
  part: {
    readonly id: string;
    readonly kind: PartKind;
    readonly facts: PartFacts;
    readonly to: Place | 'shelf';
    readonly rolled: number | undefined;
    readonly bought?: PartState['bought'] | undefined;
    readonly old?: ({ readonly to: 'shelf' | 'gone' } & LaidBy) | undefined;
  } & LaidBy,
  at: Instant,
): Parts {
  const { id, kind, facts, to, rolled, grade, shelf, bought } = part;
  const parts = { ...rig.parts };
  const before = to === 'shelf' ? undefined : partAt(rig, kind, to);
  if (before) parts[before.id] = rest(rig, before, part.old?.to ?? 'shelf', at, part.old ?? {});
  parts[id] = {
    id,
    kind,
    facts,
    at: to,
    ...(to === 'shelf' && shelf && { shelf }),
    ...(bought && { bought }),
    since: at,
    rolled: rolled ?? 0,
    rolledKnown: rolled !== undefined,
    rigDistance: rig.distance,
    grade,
  };
  return parts;
}

/** The parts of a rig after moves made at once; undefined where a part is not there, or two would share a place. */
export function moveParts(
  rig: Rig,
  moves: readonly ({ readonly part: string; readonly to: Rest } & LaidBy)[],
  at: Instant,
): Parts | undefined {
  const parts = { ...rig.parts };
  for (const { part: id, to, grade, shelf } of moves) {
    const part = rig.parts[id];
    if (!part || part.at === 'gone') return undefined;
    parts[id] = rest(rig, part, to, at, { grade, shelf });
  }
  const taken = new Set<string>();
  for (const part of Object.values(parts)) {
    if (part.at === 'shelf' || part.at === 'gone') continue;
    const seat = `${part.kind} ${part.at}`;
    if (taken.has(seat)) return undefined;
    taken.add(seat);
  }
  return parts;
}

/** The readings of work that are numbers on parts, by part and fact. */
const NUMBERS: Readonly<Partial<Record<ReadingId, readonly [PartKind, string]>>> = {
  'seal-number': ['seal', 'number'],
  'inner-roller': ['innerSet', 'roller'],
  'inner-race': ['innerSet', 'race'],
  'outer-roller': ['outerSet', 'roller'],
  'outer-race': ['outerSet', 'race'],
};
/** The numbers of what went in new, as they are read when it goes in. */
const NEW_NUMBERS: typeof NUMBERS = {
  'new-seal-number': ['seal', 'number'],
  'new-inner-roller': ['innerSet', 'roller'],
  'new-inner-race': ['innerSet', 'race'],
  'new-outer-roller': ['outerSet', 'roller'],
  'new-outer-race': ['outerSet', 'race'],
};

/** The reading that tells a number of a part that goes in new; undefined for what is not a number. */
export function newNumberReading(kind: PartKind, fact: string): ReadingId | undefined {
  return READING_IDS.find((what) => {
    const [of, name] = NEW_NUMBERS[what] ?? [];
    return of === kind && name === fact;
  });
}

const RENEWED: Readonly<Record<string, PartKind>> = {
  'inner-set': 'innerSet',
  'outer-set': 'outerSet',
  seal: 'seal',
};

/** The parts of a rig after work: numbers read are learned, what was renewed is a new part in the old one's place. */
export function partsAfterWork(
  rig: Rig,
  work: {
    readonly readings: readonly {
      readonly place: string;
      readonly what: ReadingId;
      readonly value: unknown;
    }[];
    readonly renewed: readonly {
      readonly place: WheelEnd;
      readonly part: string;
      readonly kept?: ShelfGrade | undefined;
    }[];
  },
  entry: { readonly id: string; readonly happened: Instant },
  own?: Own,
): Parts {
  const tells =
    work.readings.some(({ what }) => Object.hasOwn(NUMBERS, what)) ||
    work.renewed.some(({ part }) => Object.hasOwn(RENEWED, part));
  if (!tells) return rig.parts;
  // One copy at most, worked on in place: a log of twenty years has thousands of these.
  const parts = mine(rig.parts, own);
  const seats = new Map<string, PartState>();
  for (const part of Object.values(parts)) seats.set(`${part.kind} ${part.at}`, part);
  const keep = (part: PartState) => {
    parts[part.id] = part;
    seats.set(`${part.kind} ${part.at}`, part);
  };
  const seat = (
    place: WheelEnd,
    kind: PartKind,
    facts: PartFacts,
    isNew: boolean,
    replaced: PartFacts = {},
  ) =>
    keep({
      ...(Object.keys(replaced).length > 0 && { replaced }),
      id: `${entry.id} ${place} ${kind}`,
      kind,
      facts,
      at: place,
      since: entry.happened,
      rolled: 0,
      rolledKnown: isNew,
      rigDistance: rig.distance,
      grade: undefined,
    });
  for (const { place, what, value } of work.readings) {
    const [kind, fact] = NUMBERS[what] ?? [];
    const words = String(value).trim().slice(0, 40);
    if (!kind || !fact || words === '' || !isWheelEnd(place)) continue;
    const spec = { value: words, source: 'marking' as const };
    const there = seats.get(`${kind} ${place}`);
    if (there) keep({ ...there, facts: { ...there.facts, [fact]: spec } });
    else seat(place, kind, { [fact]: spec }, false);
  }
  const blank = (place: WheelEnd, kind: PartKind): PartState => ({
    id: `${entry.id} ${place} ${kind} old`,
    kind,
    facts: {},
    at: place,
    since: entry.happened,
    rolled: 0,
    rolledKnown: false,
    rigDistance: rig.distance,
    grade: undefined,
  });
  for (const { place, part, kept } of work.renewed) {
    const kind = RENEWED[part];
    if (!kind) continue;
    const old = seats.get(`${kind} ${place}`);
    const spare = old ?? (kept ? blank(place, kind) : undefined);
    // Worn out and thrown away it is in the log, and counts for nothing any more; a sound one is a spare.
    if (spare && kept)
      parts[spare.id] = {
        ...spare,
        at: 'shelf',
        since: entry.happened,
        rolled: rolledBy(rig, spare),
        rigDistance: rig.distance,
        grade: kept,
      };
    else if (old) delete parts[old.id];
    // What was read off the old one belongs to it: the new one has the numbers that were read off it, or none.
    const facts = work.readings.flatMap(({ place: at, what, value }) => {
      const [of, fact] = NEW_NUMBERS[what] ?? [];
      const words = String(value).trim().slice(0, 40);
      return at === place && of === kind && fact && words !== ''
        ? [[fact, { value: words, source: 'marking' as const }] as const]
        : [];
    });
    seat(place, kind, Object.fromEntries(facts), true, { ...old?.replaced, ...old?.facts });
  }
  return parts;
}
