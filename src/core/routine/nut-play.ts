import { endPlay, endPlayWindow } from '../figures';
import { judgeEndPlay, type Judgement } from '../judge';
import { axleOf, isWheelEnd, type RigModel } from '../rig';
import type { RoutinePlace } from '../rules';

/** The end play (m) that a nut backed off by some slots works out to at a wheel end, beside its window: rock and spin decide; undefined where pitch or slots are not known, or the lock does not go by slots. */
export function nutPlay(
  model: RigModel,
  place: RoutinePlace,
  slotsBack: number,
): { readonly play: number; readonly judgement: Judgement } | undefined {
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  // A keeper or tang washer has positions of its own.
  if (!axle?.threadPitch || !axle.slots || axle.lock === 'keeper' || axle.lock === 'tang') return undefined;
  const play = endPlay(axle.threadPitch.value, slotsBack / axle.slots.value);
  return { play, judgement: judgeEndPlay(play, endPlayWindow(axle)) };
}
