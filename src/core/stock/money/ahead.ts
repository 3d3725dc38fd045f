import { middle } from '../../base';
import { groupBy } from './group';
import type { WorkId } from '../../rules';
import type { Expense } from './expenses';

/** A duty as far as money ahead goes: its work, and when it falls due, early, likely and late. */
export interface DueAhead {
  readonly routine: WorkId;
  readonly early: string;
  readonly likely: string;
  readonly late: string;
}

/** What the time until a day is likely to cost in one currency, by what such work has cost: least, likely, most; and works of which nobody knows. */
export interface Ahead {
  readonly currency: string;
  readonly least: number;
  readonly likely: number;
  readonly most: number;
  readonly counted: number;
  readonly unknown: readonly WorkId[];
}

/** Works that put nothing in: they cost own time alone, where nobody ever told a cost. */
const FREE: ReadonlySet<WorkId> = new Set([
  'hub-look',
  'lug-torque',
  'adapter-torque',
  'brake-adjust',
  'brake-measure',
  'tire-look',
  'walkaround',
  'rinse',
  'pressures',
  'lights',
  'breakaway-test',
  'gear-look',
  'underside',
  'pivots',
  'contacts',
  'wash',
  'unload-tires',
  'battery-out',
  'grease',
  'gear-grease',
]);

/** The band of what falls due until a day: the middle of what each kind of work has cost before in that currency; work that never cost anything known is named, not guessed. */
export function costAhead(
  duties: readonly DueAhead[],
  expenses: readonly Expense[],
  currency: string,
  until: string,
): Ahead {
  const past = (routine: WorkId) =>
    middle(
      expenses.flatMap(({ of, jobs, cost }) =>
        of === 'work' && jobs[0]?.routine === routine && cost?.currency === currency ? [cost.amount] : [],
      ),
    );
  let [least, likely, most, counted] = [0, 0, 0, 0];
  const unknown = new Set<WorkId>();
  // One card does a kind of work at all its places: it is paid once.
  for (const [routine, own] of groupBy(duties, (duty) => duty.routine)) {
    const first = (when: 'early' | 'likely' | 'late') => own.some((duty) => duty[when] <= until);
    if (!first('early')) continue;
    const cost = past(routine);
    if (cost === undefined) {
      if (!FREE.has(routine)) unknown.add(routine);
      continue;
    }
    counted += 1;
    most += cost;
    if (first('likely')) likely += cost;
    if (first('late')) least += cost;
  }
  return { currency, least, likely, most, counted, unknown: [...unknown] };
}
