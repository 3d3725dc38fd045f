import { gearDef, isGear } from '../rig';
import { COUPLE_OF_THOUSAND, intervalOf, type IntervalContext, type RoutineId } from '../rules';
import type { Duty } from './duty';

/** What is looked at before a rig of unknown history is towed the first time, the gravest first (handbook 3). */
const BEFORE_FIRST_TOW: readonly RoutineId[] = [
  'lug-torque',
  'hub-look',
  'tire-look',
  'pressures',
  'brake-adjust',
  'gear-look',
  'breakaway-test',
  'lights',
];

/** The duties of the round that comes every couple of thousand miles, due or not. */
export function roundOf(duties: readonly Duty[], about: IntervalContext): readonly Duty[] {
  return duties.filter(
    ({ routine, place }) =>
      routine !== 'lug-recheck' && intervalOf(routine, place, about).distance?.value === COUPLE_OF_THOUSAND,
  );
}

/** Of all that nobody has looked at, what matters before the first tow, in that order; of the gear what the trailer hangs on. */
export function beforeFirstTow(duties: readonly Duty[]): readonly Duty[] {
  return BEFORE_FIRST_TOW.flatMap((routine) =>
    duties.filter(
      (duty) =>
        duty.routine === routine &&
        (duty.verdict === 'unknown' || duty.verdict === 'due' || duty.verdict === 'overdue') &&
        (routine !== 'gear-look' || (isGear(duty.place) && gearDef(duty.place).critical === true)),
    ),
  );
}
