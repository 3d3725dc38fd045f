import type { DutyRoutine, PlaceState } from '@/core/duty';
import type { UnitSystem } from '@/core/base';
import { conflictShort, dutyStanding, findingWords } from '@/text';

/** Routines in the few letters that stand on the drawing. */
const SHORT: Partial<Record<DutyRoutine, string>> = {
  'hub-look': 'rock and spin',
  'hub-service': 'hub service',
  'lug-recheck': 'lugs',
  'lug-torque': 'lug torque',
  'adapter-torque': 'adapter',
  'brake-adjust': 'brakes',
  'brake-measure': 'brakes',
  'tire-look': 'tire check',
  'tire-renew': 'tire age',
  'gear-look': 'look',
};

/** The few words that stand at a place of the drawing. */
export function placeNote(state: PlaceState, system: UnitSystem): string {
  if (state.open) return 'work open';
  if (state.conflict) return conflictShort(state.conflict);
  if (state.finding) {
    const said = findingWords(state.finding, system);
    return said.length > 22 ? 'finding' : said;
  }
  if (!state.duty) return MISSING;
  if (state.mark === 'unknown') return 'no record';
  const { figure, words } = dutyStanding(state.duty, system);
  if (state.mark === 'clear') return `${figure} ${words}`;
  const short = SHORT[state.duty.routine] ?? state.duty.routine;
  return state.mark === 'soon' && state.duty.reason !== 'deferred'
    ? `${short} ${figure}`
    : `${short} ${state.mark === 'soon' ? 'put off' : 'due'}`;
}

const MISSING = 'nothing to watch';
