import { writeCalendar, type CalendarDay } from '@/core/exchange';
import type { Duty } from '@/core/duty';
import type { UnitSystem } from '@/core/base';
import { routineDef } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { basisOf, type Forecast } from '@/features/duties';
import { bandWords, dateField, dutyTitle, dutyWhy, routineTitle } from '@/text';
import { aheadOf } from './ahead';

/** One day for what is done in one walk, else one for each place: the same from export to export, whatever has moved. */
const keyOf = ({ id, routine }: Duty) =>
  routine !== 'lug-recheck' && routineDef(routine).round ? routine : id.replace('@', '-');

/** The days of a rig's duties for a calendar, each with a key of its own. */
export function calendarDays(view: RigView, forecast: Forecast, units: UnitSystem): readonly CalendarDay[] {
  const { rig, model, now } = view;
  return aheadOf(view.duties, forecast, now, keyOf).map(({ duties, band, at }) => {
    const [first] = duties;
    const places = duties.map((duty) => duty.place);
    const lines = [
      dutyWhy(first, units, now),
      ...(band ? [bandWords(band, now, basisOf(forecast, view, first), units)] : []),
      ...(duties.length > 1 ? [`First of ${duties.length}: ${dutyTitle(first)}.`] : []),
    ];
    return {
      key: `${rig.id}-${keyOf(first)}`,
      day: dateField(at),
      title: `${model.name}: ${routineTitle(first.routine, places)}`,
      about: lines.join('\n'),
    };
  });
}

/** An iCalendar file of some rigs' duties, and of the yard days that are planned. */
export function calendarFile(
  rigs: readonly { readonly view: RigView; readonly forecast: Forecast }[],
  units: UnitSystem,
  yardDays: readonly CalendarDay[] = [],
): string {
  const now = rigs[0]?.view.now ?? '';
  return writeCalendar(
    'Yardline',
    [...yardDays, ...rigs.flatMap(({ view, forecast }) => calendarDays(view, forecast, units))],
    now,
  );
}
