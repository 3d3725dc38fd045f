import type { Duty, Fitness, PlaceMark, PlaceState } from '@/core/duty';
import type { UnitSystem } from '@/core/quantity';
import { dutyStanding } from '@/text';

const OF_DUTY = { clear: 'clear', soon: 'soon', unknown: 'unknown', due: 'due', overdue: 'due' } as const;
const OF_FITNESS: Record<Fitness, PlaceMark> = {
  fit: 'clear',
  after: 'due',
  unknown: 'unknown',
  not: 'stop',
};
const ROUTINE = { repack: 'repack', 'hub-look': 'hub look', 'lug-recheck': 'recheck' } as const;

/** The mark of a duty. */
export function dutyMark(duty: Duty): PlaceMark {
  return OF_DUTY[duty.verdict];
}

/** The mark of a tow verdict. */
export function fitnessMark(fitness: Fitness): PlaceMark {
  return OF_FITNESS[fitness];
}

/** The few words that stand at a wheel end of the drawing. */
export function placeNote(state: PlaceState, system: UnitSystem): string {
  if (state.open) return 'work open';
  if (state.finding) return state.finding.length > 22 ? 'finding' : state.finding;
  if (!state.duty) return MISSING;
  if (state.mark === 'unknown') return 'no record';
  const { figure, words } = dutyStanding(state.duty, system);
  if (state.mark === 'clear') return `${figure} ${words}`;
  return `${ROUTINE[state.duty.routine]} ${state.mark === 'soon' ? figure : 'due'}`;
}

const MISSING = 'nothing to watch';
