import {
  HAND_HEAT,
  LINING_MINIMUM,
  PAD,
  TREAD_LIMIT,
  type GradeId,
  type ReadingId,
  type Subject,
} from '../rules';

/** Something graded at a place. */
export interface Graded {
  readonly place: string;
  readonly subject: Subject;
  readonly grade: string;
  /** The side of the suspension, where the place is the whole rig. */
  readonly side?: string | undefined;
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
  ['rock', ['clunks'], 'spin', ['tight']],
  ['lining', ['gone'], 'brake-test', ['firm']],
  ['hub-hand', ['held'], 'spin', ['grinds']],
];

type Against = readonly [Subject, readonly GradeId[], ReadingId, (value: number) => boolean];

const TREADS = ['tread-inner', 'tread-middle', 'tread-outer'] as const;

/** Grades that a figure speaks against. */
const DISPROVED: readonly Against[] = [
  ...TREADS.map((what): Against => ['tread', ['deep'], what, (depth) => depth <= TREAD_LIMIT]),
  ['lining', ['good', 'hairline'], 'lining', (left) => left <= LINING_MINIMUM.riveted],
  ['lining', ['gone'], 'lining', (left) => left > LINING_MINIMUM.bonded],
  ...(['pad-inner', 'pad-outer'] as const).map((what): Against => [
    'pads',
    ['good'],
    what,
    (left) => left <= PAD.stop,
  ]),
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
      if (second.place !== first.place || second.side !== first.side) continue;
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
