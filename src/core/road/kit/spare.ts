import { daysBetween, msOf } from '../../base';
import { tireDate, tireSize } from '../../figures';
import { pressureTarget } from '../../judge';
import { hasUsableSpare, partAt, type PartState } from '../../log';
import { isGuess, sparesOf, wheelEnds } from '../../rig';
import { PRESSURE_SHARE, tireAgeLimit } from '../../rules';
import type { KitAbout, KitReading } from './about';

/** A pressure read longer ago (d) says nothing of the spare today. */
const READ_WITHIN = 60;
/** How far a spare may be taller or lower than its mates (share). */
const AS_TALL = 0.02;
/** Past this (y) it is not driven on at all. */
const TOO_OLD = 10;

const fact = (tire: PartState | undefined, name: string) => {
  const spec = tire?.facts[name];
  return spec && !isGuess(spec) ? String(spec.value) : undefined;
};

/** Whether the spare would serve: there and sound, as tall and as strong as its mates, its age, its pressure read of late. */
export function readSpare({ rig, model, house, now }: KitAbout): KitReading {
  const item = 'spare-fits' as const;
  const [place] = sparesOf(model);
  const told = rig.kit[item];
  if (!place) return { item, state: 'missing', by: 'no-spare' };
  if (!hasUsableSpare(rig, [place])) return { item, state: 'fails', by: 'spare-not-usable' };
  if (told?.aboard === false) return { item, state: 'missing' };
  const tire = partAt(rig, 'tire', place);
  const mates = wheelEnds(model).flatMap((end) => partAt(rig, 'tire', end) ?? []);
  const range = fact(tire, 'loadRange');
  const wanted = mates.map((mate) => fact(mate, 'loadRange')).concat(model.tires?.loadRange?.value);
  if (range && wanted.some((one) => one !== undefined && range < one))
    return { item, state: 'fails', by: 'spare-below-mates' };
  const tall = (size: string | undefined) => (size ? tireSize(size)?.diameter : undefined);
  const own = tall(fact(tire, 'size'));
  const theirs = mates.flatMap((mate) => tall(fact(mate, 'size')) ?? []);
  const off = own ? theirs.find((one) => Math.abs(own - one) / one > AS_TALL) : undefined;
  if (own && off) return { item, state: 'fails', by: 'spare-not-as-tall', have: own, need: off };
  const dot = fact(tire, 'dot');
  const made = dot === undefined ? undefined : tireDate(dot, msOf(now));
  if (made?.ok && made.value.age >= TOO_OLD)
    return { item, state: 'fails', by: 'spare-too-old', have: made.value.age, need: TOO_OLD };
  const read = rig.read[`pressure@${place}`];
  const fresh = read && daysBetween(read.at, now) <= READ_WITHIN ? read : undefined;
  const target = pressureTarget(model, house);
  // Low enough to be due it is not ready: filled first, or driven with care. What is known to be wrong is told before what nobody knows.
  if (fresh && target && fresh.value < PRESSURE_SHARE.due * target.value)
    return { item, state: 'fails', by: 'spare-low', have: fresh.value, need: target.value };
  if (!made?.ok) return { item, state: 'unknown', by: 'spare-age-unknown' };
  if (!fresh) return { item, state: 'unknown', by: 'spare-not-read' };
  const limit = tireAgeLimit(house);
  if (told === undefined) return { item, state: 'unsaid' };
  return made.value.age > limit
    ? { item, state: 'serves', by: 'spare-aged', have: made.value.age, need: limit }
    : { item, state: 'serves', by: 'spare-sound', have: made.value.age, need: limit };
}
