/** What a careful person writes down where all is well: for tests that work through a card. */
import { toSI } from '../base';
import type { RigModel } from '../rig';
import type { CardStep, Tap } from '../routine';
import { CRITERIA, type RoutinePlace, READINGS, type ReadingId } from '../rules';

/** Figures that are judged: what a sound part reads (SI, or the reading's own unit). */
const SOUND: Readonly<Partial<Record<ReadingId, number | string>>> = {
  'slots-back': 0.5,
  grease: 'lithium-complex',
  lining: toSI(3 / 16, 'in'),
  'pad-inner': toSI(1 / 4, 'in'),
  'pad-outer': toSI(1 / 4, 'in'),
  'pad-plate': 0,
  'magnet-ohms': 3.2,
  'play-dialed': toSI(0.004, 'in'),
  volts: 12.7,
  'volts-loaded': 11.6,
  pressure: toSI(65, 'psi'),
  'pressure-set': toSI(65, 'psi'),
};

/** What is read at a step when all is well. */
function soundReading(what: ReadingId, model: RigModel, place: RoutinePlace | undefined): number | string {
  const def = READINGS[what];
  const sound = SOUND[what];
  if (sound !== undefined) return sound;
  if (what === 'nuts-counted' || what === 'nuts-started' || what === 'studs-done') return model.wheels.studs;
  if (what === 'hand') return place?.endsWith('R') ? 'right' : 'left';
  switch (def.as) {
    case 'text':
      return 'A-1';
    case 'count':
      return 4;
    case 'choice':
      return def.options?.[0] ?? 'none';
    default:
      return (def.min + def.max) / 2;
  }
}

/** The tap that closes a step where all is well: what has to be read, and everything graded as new. */
export function well(step: CardStep, model: RigModel): Extract<Tap, { do: 'done' }> {
  return {
    do: 'done',
    readings: Object.fromEntries(
      step.readings.map(({ what }) => [what, soundReading(what, model, step.place)]),
    ),
    grades: Object.fromEntries(step.subjects.map((subject) => [subject, Object.keys(CRITERIA[subject])[0]])),
  };
}
