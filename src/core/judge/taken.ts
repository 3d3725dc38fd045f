import { fromSI, toSI, UNITS, type Unit } from '../quantity';
import {
  AROUND,
  HAND_HEAT,
  isReading,
  LINING_MINIMUM,
  readingDef,
  TREAD_LIMIT,
  type GradeId,
  type ReadingDef,
  type ReadingId,
  type Subject,
} from '../rules';

/** How a reading was taken, as far as its kind wants to know; SI. */
export interface TakenContext {
  /** What it should be about, where that is known: the target of a pressure. */
  readonly target?: number | undefined;
  /** Of the air there (K). */
  readonly air?: number | undefined;
}

/** What is wrong with a reading as typed; `ask` may be insisted on, `refuse` may not. */
export interface TakenProblem {
  readonly weight: 'refuse' | 'ask';
  readonly code: 'impossible' | 'units' | 'hub-cold' | 'below-air';
  /** The unit that was meant, by the figure it would make; `si` is the reading in it. */
  readonly meant?: { readonly unit: Unit; readonly si: number } | undefined;
}

/** What is known of a reading, or of what is around it. */
function defOf(what: string): ReadingDef | undefined {
  if (isReading(what)) return readingDef(what);
  return Object.hasOwn(AROUND, what) ? AROUND[what as keyof typeof AROUND] : undefined;
}

/** A hub so near the air (K) has not worked, or has long cooled. */
const HARDLY_WARM = 5;
/** Far off its target a pressure is rather another unit. */
const NEAR = { low: 0.45, high: 1.6 } as const;

/** The unit that makes sense of a figure where the one it was typed in does not. */
function meant(
  what: string,
  number: number,
  typedIn: Unit,
  sense: (si: number) => boolean,
): TakenProblem['meant'] {
  const def = defOf(what);
  const misread = def?.as === 'quantity' ? (def.misread ?? []) : [];
  const unit = misread.find((other) => other !== typedIn && sense(toSI(number, other)));
  return unit && { unit, si: toSI(number, unit) };
}

/** What is wrong with a reading (SI) as it was typed in a unit; nothing where it can stand. */
export function checkTaken(
  what: string,
  value: number,
  typedIn: Unit | undefined,
  { target, air }: TakenContext = {},
): TakenProblem | undefined {
  const def = defOf(what);
  const bounds = def?.as === 'quantity' || def?.as === 'number' ? ([def.min, def.max] as const) : undefined;
  const number = typedIn && Object.hasOwn(UNITS, typedIn) ? fromSI(value, typedIn) : value;
  const isPressure = what === 'pressure' || what === 'pressure-set';
  const nearTarget = (si: number) =>
    target !== undefined && si > target * NEAR.low && si < target * NEAR.high;
  if (bounds && (!Number.isFinite(value) || value < bounds[0] || value > bounds[1])) {
    const inside = (si: number) =>
      si >= bounds[0] && si <= bounds[1] && (!isPressure || target === undefined || nearTarget(si));
    return {
      weight: 'refuse',
      code: 'impossible',
      meant: typedIn && meant(what, number, typedIn, inside),
    };
  }
  // A tire really can be flat: only a figure that another unit makes sense of is asked about.
  if (isPressure && target !== undefined && typedIn && !nearTarget(value)) {
    const other = meant(what, number, typedIn, nearTarget);
    if (other) return { weight: 'ask', code: 'units', meant: other };
  }
  if (what === 'hub-temp' && air !== undefined) {
    if (value < air - HARDLY_WARM) {
      const warmer = (si: number) => si > air && si < air + 150;
      const other = typedIn && meant(what, number, typedIn, warmer);
      return { weight: 'ask', code: other ? 'units' : 'below-air', meant: other };
    }
    // Nothing can be said of a hub that has not worked.
    if (value < air + HARDLY_WARM) return { weight: 'ask', code: 'hub-cold' };
  }
  return undefined;
}

/** True for a hub read so near the air that it says nothing. */
export function saysNothing(hub: number, air: number | undefined): boolean {
  return air !== undefined && hub < air + HARDLY_WARM;
}

/** Something graded at a place. */
export interface Graded {
  readonly place: string;
  readonly subject: Subject;
  readonly grade: string;
}

/** A figure read at a place (SI). */
export interface Figured {
  readonly place: string;
  readonly what: ReadingId;
  readonly value: number | string;
}

/** Two things said of one place that cannot both hold. */
export interface Contradiction {
  readonly place: string;
  readonly first: Graded;
  readonly second: Graded | Figured;
}

type Pair = readonly [Subject, readonly GradeId[], Subject, readonly GradeId[]];

/** Grades that cannot stand together at one place. */
const APART: readonly Pair[] = [
  ['seal', ['dry'], 'grease-back', ['behind', 'on-shoes']],
  ['rock', ['none'], 'spin', ['grinds']],
  ['tread', ['deep', 'worn'], 'tire-wall', ['cord']],
  ['lining', ['gone'], 'brake-test', ['firm']],
  ['hub-hand', ['held'], 'spin', ['grinds']],
];

type Against = readonly [Subject, readonly GradeId[], ReadingId, (value: number) => boolean];

const TREADS = ['tread-inner', 'tread-middle', 'tread-outer'] as const;

/** Grades that a figure speaks against. */
const DISPROVED: readonly Against[] = [
  ...TREADS.map((what): Against => ['tread', ['deep'], what, (depth) => depth <= TREAD_LIMIT]),
  ['lining', ['good', 'hairline'], 'lining', (left) => left <= LINING_MINIMUM],
  ['lining', ['gone'], 'lining', (left) => left > LINING_MINIMUM],
  ['hub-hand', ['held'], 'hub-temp', (heat) => heat > HAND_HEAT.held],
  ['hub-hand', ['too-hot', 'smoking'], 'hub-temp', (heat) => heat < HAND_HEAT.tooHot],
];

/** What was said of a place that cannot all hold: one thing graded twice over, grades apart, or a figure against a grade. */
export function contradictionsIn(
  graded: readonly Graded[],
  figured: readonly Figured[] = [],
): readonly Contradiction[] {
  const found: Contradiction[] = [];
  graded.forEach((first, i) => {
    for (const second of graded.slice(i + 1)) {
      if (second.place !== first.place) continue;
      const twice = first.subject === second.subject && first.grade !== second.grade;
      const apart = APART.some(([a, as, b, bs]) =>
        [
          [first, second],
          [second, first],
        ].some(
          ([one, other]) =>
            one?.subject === a &&
            other?.subject === b &&
            (as as readonly string[]).includes(one.grade) &&
            (bs as readonly string[]).includes(other.grade),
        ),
      );
      if (twice || apart) found.push({ place: first.place, first, second });
    }
    for (const figure of figured) {
      const { value } = figure;
      if (figure.place !== first.place || typeof value !== 'number') continue;
      const disproved = DISPROVED.some(
        ([subject, grades, what, speaks]) =>
          subject === first.subject &&
          what === figure.what &&
          (grades as readonly string[]).includes(first.grade) &&
          speaks(value),
      );
      if (disproved) found.push({ place: first.place, first, second: figure });
    }
  });
  return found;
}
