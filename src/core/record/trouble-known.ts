import { pressureTarget } from '../judge';
import { readKitItem, type KitAbout } from '../road';
import {
  type TroubleAnswers,
  routineDef,
  WORKS,
  type WorkId,
  survivorLoad,
  troubleDef,
  type KitId,
  type TroubleId,
} from '../rules';
import { daysBetween, type Instant, toSI } from '../base';
import { doneKey, partAt, type KitState, type RigState } from '../log';
import { axleOf, isGuess, isWheelEnd, matesOf, type Place, type Specified } from '../rig';

/** So long (d) what was said to be aboard answers for its owner; older it is asked (trouble 1). */
const ABOARD_WITHIN = 180;

/** What is said of an item of the kit, where that is fresh. */
function saidOf({ kit }: Pick<RigState, 'kit'>, item: KitId, now: Instant): KitState | undefined {
  const said = kit[item];
  return said && daysBetween(said.at, now) <= ABOARD_WITHIN ? said : undefined;
}

/** Minutes the pump aboard takes from flat to full, as its owner told; none aboard takes none. */
function pumpAboard(rig: Pick<RigState, 'kit'>, now: Instant): number | undefined {
  const said = saidOf(rig, 'inflator', now);
  return said?.aboard === false ? 0 : said?.figures.minutes;
}

/** Under so much of its target (share) a spare is no spare without a pump aboard; up to the second it goes with care. */
const SPARE_LOW = { none: 0.75, low: 0.85 } as const;

/** What the log says of the spare, by the very rule of the kit: unfit, too old or too low is none; not known is asked. */
function spareAs(about: KitAbout & { readonly rig: RigState }): string | undefined {
  const { rig, now } = about;
  const { state, by, have, need } = readKitItem('spare-fits', about);
  // Said to be aboard too long ago, it is asked; that it is unfit holds until somebody puts it right.
  if (rig.kit['spare-fits'] && !saidOf(rig, 'spare-fits', now) && state !== 'fails') return undefined;
  if (state === 'serves') return by === 'spare-aged' ? 'aged' : 'usable';
  if (state === 'missing') return 'none';
  if (state !== 'fails') return undefined;
  // A pump aboard fills it: then it is for its owner to say.
  if (by !== 'spare-low') return 'none';
  if (saidOf(rig, 'inflator', now)?.aboard === true) return undefined;
  const share = have !== undefined && need ? have / need : 0;
  return share < SPARE_LOW.none ? 'none' : share < SPARE_LOW.low ? 'low' : undefined;
}

/** Work on a bearing is lately done within so far (m; trouble 1). */
const LATELY = toSI(500, 'mi');
const OPENS_HUB: readonly WorkId[] = WORKS.filter((work) => routineDef(work).opensHub);

/** True where the log has work on the bearings of a wheel end of late; that it has none proves nothing. */
function bearingTouched(rig: Pick<RigState, 'lastDone' | 'distance'>, place: Place | 'rig'): boolean {
  return OPENS_HUB.some((work) => {
    const done = rig.lastDone[doneKey(work, place)];
    return done?.distanceKnown === true && rig.distance - done.distance <= LATELY;
  });
}

/** What the rig tells of a trouble's questions by itself: figures in SI with nothing guessed, and choices. */
export function knownAnswers(
  trouble: TroubleId,
  place: Place | 'rig',
  { rig, model, house, now }: KitAbout & { readonly rig: RigState },
): TroubleAnswers {
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
  const known: TroubleAnswers = {
    studs: trouble === 'studs' ? model.wheels.studs : undefined,
    target: sure(pressureTarget(model, house)),
    pump: pumpAboard(rig, now),
    spare: spareAs({ rig, model, house, now }),
    touched: bearingTouched(rig, place) ? 'yes' : undefined,
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
