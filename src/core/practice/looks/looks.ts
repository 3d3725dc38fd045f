import { seeded } from '../../base';
import type { GradeId, Subject } from '../../rules';
import { PIVOT, STRAP, WELD, WELL } from './body';
import { DISC, DRUM, LINING, MAGNET } from './brakes';
import { between, type Drawn } from './draws';
import { CAP, OIL } from './hub-end';
import type { Shape } from './shapes';
import { OBJECT, TREAD, WALL, WEAR } from './tires';
import { GREASE, ROLLERS, SEAL, SPINDLE } from './turning';

/** What is drawn of each subject: grade by grade, best first. What cannot be seen (an open coil, a drum out of round) is not drawn. */
const LOOKS = {
  lining: LINING,
  drum: DRUM,
  magnet: MAGNET,
  rollers: ROLLERS,
  spindle: SPINDLE,
  seal: SEAL,
  'old-grease': GREASE,
  'tire-wall': WALL,
  wear: WEAR,
  tread: TREAD,
  'tread-object': OBJECT,
  cap: CAP,
  oil: OIL,
  disc: DISC,
  'wheel-well': WELL,
  weld: WELD,
  strap: STRAP,
  pivot: PIVOT,
} satisfies Partial<Record<Subject, Drawn>>;

/** A subject that is graded by its pictures, and those of its grades that have them. */
export type Pictured = typeof LOOKS;

/** The same, asked for by names that are read. */
const DRAWN: Readonly<Partial<Record<Subject, Drawn>>> = LOOKS;

/** The subjects that are graded by their pictures. */
export const PICTURED = Object.keys(LOOKS) as readonly Subject[];

/** The grades of a subject that have pictures, best first. */
export function picturedGrades(subject: Subject): readonly GradeId[] {
  return Object.keys(DRAWN[subject] ?? {}) as GradeId[];
}

/** A picture of a condition: its pieces, and how it was held when it was looked at. */
export interface Look {
  readonly shapes: readonly Shape[];
  /** Turned by so much (degrees), and seen from its other side. */
  readonly tilt: number;
  readonly flipped: boolean;
}

/** A condition as it may look, by a seed: how much of it there is, where, and how it is held differ from seed to seed. */
export function lookOf(subject: Subject, grade: GradeId, seed: number): Look {
  const random = seeded(seed);
  const much = random();
  const tilt = between(random, -4, 4);
  const flipped = random() < 0.5;
  return { shapes: DRAWN[subject]?.[grade]?.(random, much) ?? [], tilt, flipped };
}
