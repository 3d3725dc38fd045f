import { endPlay } from '../figures';
import { judgeEndPlay, type Judgement } from '../judge';
import { axleOf, isWheelEnd, type RigModel } from '../rig';
import { endPlayWindow, type RoutinePlace } from '../rules';

/** The end play (m) of a nut backed off by some slots at a wheel end, judged; undefined where pitch or slots are not known. */
export function nutPlay(
  model: RigModel,
  place: RoutinePlace,
  slotsBack: number,
): { readonly play: number; readonly judgement: Judgement } | undefined {
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  if (!axle?.threadPitch || !axle.slots) return undefined;
  const play = endPlay(axle.threadPitch.value, slotsBack / axle.slots.value);
  return { play, judgement: judgeEndPlay(play, endPlayWindow(axle)) };
}
