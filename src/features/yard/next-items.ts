import type { Duty } from '@/core/duty';
import type { Conflict } from '@/core/judge';
import type { FindingState } from '@/core/log';
import type { RigView } from '@/features/rigs';

/** One thing that comes next: a finding, the conflict, or a routine with the places it is alike at. */
export type NextItem =
  | { readonly weight: number; readonly is: 'finding'; readonly finding: FindingState }
  | { readonly weight: number; readonly is: 'conflict'; readonly conflict: Conflict }
  | { readonly weight: number; readonly is: 'duties'; readonly duties: readonly [Duty, ...Duty[]] };

const OF_FINDING = { watch: 1.6, due: 3.5, stop: 5 } as const;
const OF_SAFETY = { clear: 0, soon: 1.5, unknown: 2, due: 3, overdue: 4 } as const;
const OF_UPKEEP = { clear: -0.1, soon: 0.6, unknown: 0.4, due: 1.2, overdue: 1.3 } as const;

function weightOf(duty: Duty): number {
  if (duty.reason === 'no-figure') return OF_UPKEEP.unknown;
  // A wheel that was just off comes before what has no record.
  if (duty.routine === 'lug-recheck' && duty.verdict === 'soon') return 2.5;
  return duty.matter === 'safety' ? OF_SAFETY[duty.verdict] : OF_UPKEEP[duty.verdict];
}

/** Duties of one routine that stand alike at several places, together. */
function together(duties: readonly Duty[]): readonly (readonly [Duty, ...Duty[]])[] {
  const groups = new Map<string, [Duty, ...Duty[]]>();
  for (const duty of duties) {
    // Rechecks are each wheel's own; of others those that stand alike and matter alike are one piece of work.
    const key =
      duty.routine === 'lug-recheck'
        ? duty.id
        : `${duty.routine} ${duty.verdict} ${duty.reason} ${duty.matter}`;
    const group = groups.get(key);
    if (group) group.push(duty);
    else groups.set(key, [duty]);
  }
  return [...groups.values()];
}

/** Everything about a rig in one order of weight; within one weight the order it comes in. */
export function nextItems(view: Pick<RigView, 'rig' | 'conflicts' | 'duties'>): readonly NextItem[] {
  const items: NextItem[] = [
    ...Object.values(view.rig.findings).map((finding) => ({
      weight: OF_FINDING[finding.verdict],
      is: 'finding' as const,
      finding,
    })),
    ...view.conflicts.map((conflict) => ({
      weight: OF_FINDING[conflict.verdict],
      is: 'conflict' as const,
      conflict,
    })),
    // What a finding pulls forward is told with the finding.
    ...together(view.duties.filter((duty) => duty.reason !== 'finding' && !duty.within)).map((duties) => ({
      weight: weightOf(duties[0]),
      is: 'duties' as const,
      duties,
    })),
  ];
  return items.sort((a, b) => b.weight - a.weight);
}
