import { pressureTarget } from '../judge';
import { hasUsableSpare, partAt, type RigState } from '../log';
import {
  axleOf,
  isGuess,
  isWheelEnd,
  matesOf,
  sparesOf,
  type Place,
  type RigModel,
  type Specified,
} from '../rig';
import type { HouseRules } from '../rules';
import { pumpRate, survivorLoad, troubleDef, type Answers, type TroubleId } from '../trouble';

/** What the pump aboard gives (psi a minute), by the minutes its owner told; none aboard gives nothing. */
function pumpAboard({ kit }: Pick<RigState, 'kit'>, target: number | undefined): number | undefined {
  if (kit.inflator?.aboard === false) return 0;
  const minutes = kit.inflator?.figures.minutes;
  return minutes === undefined || target === undefined ? undefined : pumpRate(target, minutes);
}

/** What the rig tells of a trouble's questions by itself: figures in SI with nothing guessed, and choices. */
export function knownAnswers(
  trouble: TroubleId,
  place: Place | 'rig',
  {
    rig,
    model,
    house,
  }: { readonly rig: RigState; readonly model: RigModel; readonly house: Pick<HouseRules, 'pressure'> },
): Answers {
  const asked = new Set(troubleDef(trouble).questions.map(({ id }) => id));
  const sure = (spec: Specified<number> | undefined) => (spec && !isGuess(spec) ? spec.value : undefined);
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  const mates = isWheelEnd(place) ? matesOf(place, model).sameSide : [];
  const carries = mates.map(
    (mate) => partAt(rig, 'tire', mate)?.facts['capacity'] as Specified<number> | undefined,
  );
  const rated = mates.map((mate) => model.axles[axleOf(mate)]?.rating);
  const least = (all: readonly (Specified<number> | undefined)[]) => {
    const known = all.flatMap((spec) => sure(spec) ?? []);
    // One that is not known may be the weakest.
    return known.length === all.length && known.length > 0 ? Math.min(...known) : undefined;
  };
  const gvwr = sure(model.gvwr);
  const spares = sparesOf(model);
  const known: Answers = {
    studs: trouble === 'studs' ? model.wheels.studs : undefined,
    target: sure(pressureTarget(model, house)),
    pump: pumpAboard(rig, sure(pressureTarget(model, house))),
    spare: spares.length === 0 || !hasUsableSpare(rig, spares) ? 'none' : undefined,
    axles: model.axles.length > 1 ? 'more' : 'one',
    // An unknown weight is the rating.
    load: gvwr === undefined ? undefined : survivorLoad(gvwr, undefined, undefined),
    maximum: least(carries),
    rating: least(rated),
    'oil-bath': axle?.hub === undefined ? undefined : axle.hub === 'oil-bath' ? 'yes' : 'no',
    required: model.breakaway?.required === undefined ? undefined : model.breakaway.required ? 'yes' : 'no',
  };
  return Object.fromEntries(
    Object.entries(known).filter(([id, value]) => value !== undefined && asked.has(id)),
  );
}
