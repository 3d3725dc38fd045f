import { toSI } from '../../base';
import type { RoutineId, WorkId } from '../routines';

/** Where something that is left to be done lies, by the place of the trouble: there, across the axle, on the same side, at the other wheel ends, or the whole rig. */
export type LeftAt = 'here' | 'across' | 'same-side' | 'others' | 'rig';

/** Something a trouble leaves to be done: by which work where one does it, how pressing, and how far (m) and how many days it may wait. */
export interface LeftDef {
  readonly at: LeftAt;
  readonly work?: WorkId;
  readonly severity: 'watch' | 'due';
  readonly within?: {
    readonly distance: number;
    readonly days: number;
    /** No faster than this meanwhile (m/s), looked at after so far (m). */
    readonly speed?: number;
    readonly looks?: readonly number[];
  };
}

const due = (at: LeftAt, work?: WorkId): LeftDef => ({ at, severity: 'due', ...(work && { work }) });
const watch = (at: LeftAt, work?: RoutineId): LeftDef => ({ at, severity: 'watch', ...(work && { work }) });

/** Everything a trouble can leave to be done. */
const LEFTS = {
  'inside-before-trip': due('here', 'tire-renew'),
  'plug-inside-or-renew': {
    ...due('here', 'tire-renew'),
    within: { distance: toSI(100, 'mi'), days: 7 },
  },
  'aged-spare': {
    ...due('here', 'tire-renew'),
    within: { distance: toSI(50, 'mi'), days: 7, speed: toSI(50, 'mi') / 3600 },
  },
  'find-cause': watch('here'),
  'survivor-inside': due('same-side', 'tire-renew'),
  'mates-of-same-make': watch('others', 'tire-look'),
  'repack-here': due('here', 'repack'),
  'open-mate': due('across', 'repack'),
  'brake-here': due('here', 'brake-measure'),
  'cap-by-number': due('here', 'cap-renew'),
  'look-at-other-caps': watch('others'),
  'studs-renewed': due('here', 'stud-renew'),
  'donors-first': due('rig'),
  'torque-to-figure': {
    ...due('here', 'lug-torque'),
    within: {
      distance: toSI(10, 'mi'),
      days: 1,
      speed: toSI(45, 'mi') / 3600,
      looks: [toSI(5, 'mi')],
    },
  },
  lining: due('here', 'brake-measure'),
  adjust: due('here', 'brake-adjust'),
  battery: due('rig', 'breakaway-test'),
  circuit: due('rig', 'lights'),
  'what-rubbed': watch('here'),
  'coupler-and-ball': due('here', 'gear-look'),
  'breakaway-test': due('rig', 'breakaway-test'),
  'same-part-across': due('across', 'pivots'),
  pivots: due('rig', 'pivots'),
  balance: due('rig'),
  'look-all-over': due('rig'),
} as const satisfies Record<string, LeftDef>;

/** Something a trouble leaves to be done, by its code. */
export type LeftId = keyof typeof LEFTS;
export const LEFT_IDS = Object.keys(LEFTS) as [LeftId, ...LeftId[]];

/** What is left to be done at a tire, and goes where the tire goes. */
export const LEFTS_OF_A_TIRE: ReadonlySet<LeftId> = new Set([
  'inside-before-trip',
  'plug-inside-or-renew',
  'survivor-inside',
]);

/** What is known of it. */
export function leftDef(id: LeftId): LeftDef {
  return LEFTS[id];
}
