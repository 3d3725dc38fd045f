import { seeded, type Random } from '../base';
import { wheelEnds, type RigModel } from '../rig';
import { routineDef, type HouseRules, type WorkId } from '../rules';
import { compile, verify, type Breach, type Card, type CardStep } from '../routine';
import { shuffled } from './shuffled';

/** Steps of a real card out of their order. */
export interface OrderDrill {
  readonly card: Card;
  /** Where in the card they stand. */
  readonly from: number;
  /** As the card has them. */
  readonly steps: readonly CardStep[];
  /** Keys of the steps, as they are laid out to be put in order. */
  readonly start: readonly string[];
}

/** Steps put in order at a time. */
export const ORDERED = 8;
/** Of neighbors that change places, so many must break a rule for a stretch to be worth ordering. */
const TELLING = 5;
/** Work whose order is worth knowing, where the rig has it. */
const WORKS: readonly WorkId[] = ['repack', 'tire-change', 'brake-adjust', 'grease', 'lug-torque'];

/** The card with those of its steps in another order. */
function cardWith(
  { card, from, steps }: Pick<OrderDrill, 'card' | 'from' | 'steps'>,
  keys: readonly string[],
): Card {
  const by = new Map(steps.map((step) => [step.key, step]));
  const put = keys.flatMap((key) => by.get(key) ?? []);
  return { ...card, steps: [...card.steps.slice(0, from), ...put, ...card.steps.slice(from + steps.length)] };
}

/** What breaks when the card is worked in that order, by the verifier that every real card has to pass. */
export function playOrder(
  drill: Pick<OrderDrill, 'card' | 'from' | 'steps'>,
  keys: readonly string[],
  model: RigModel,
): readonly Breach[] {
  return verify(cardWith(drill, keys), model);
}

const swapped = (keys: readonly string[], i: number) =>
  keys.map((key, k) => (k === i ? keys[i + 1] : k === i + 1 ? keys[i] : key) ?? key);

/** A card of work that this rig has, sound and long enough; undefined where there is none. */
function anyCard(model: RigModel, house: HouseRules, random: Random): Card | undefined {
  const place = wheelEnds(model)[0];
  for (const routine of shuffled(WORKS, random)) {
    if (!place || !routineDef(routine).places(model, house).includes(place)) continue;
    const made = compile(model, [{ routine, place }], house);
    if (made.ok && made.value.steps.length >= ORDERED && verify(made.value, model).length === 0)
      return made.value;
  }
  return undefined;
}

/** Steps of a card whose order tells most: the first stretch, in an order by chance, of which enough neighbors may not change places, else the best there is. */
function stretchOf(card: Card, model: RigModel, random: Random): Pick<OrderDrill, 'from' | 'steps'> {
  const starts = Array.from({ length: card.steps.length - ORDERED + 1 }, (_, from) => from);
  let best: (Pick<OrderDrill, 'from' | 'steps'> & { readonly telling: number }) | undefined;
  for (const from of shuffled(starts, random)) {
    const steps = card.steps.slice(from, from + ORDERED);
    const keys = steps.map(({ key }) => key);
    const telling = keys
      .slice(1)
      .filter((_, i) => playOrder({ card, from, steps }, swapped(keys, i), model).length > 0).length;
    if (!best || telling > best.telling) best = { from, steps, telling };
    if (telling >= TELLING) break;
  }
  return best ?? { from: 0, steps: card.steps.slice(0, ORDERED) };
}

/** Eight steps of a card of this rig's own, chosen and mixed by a seed; undefined where it has no work with so many steps. */
export function orderDrill(model: RigModel, house: HouseRules, seed: number): OrderDrill | undefined {
  const random = seeded(seed);
  const card = anyCard(model, house, random);
  if (!card) return undefined;
  const { from, steps } = stretchOf(card, model, random);
  let start = steps.map(({ key }) => key);
  // Mixed until something breaks: what is in order already is no question.
  for (let i = 0; i < 20 && playOrder({ card, from, steps }, start, model).length === 0; i++)
    start = [...shuffled(start, random)];
  return { card, from, steps, start };
}

/** The first breach at each step that was put in order, in their order; what only shows at the end of the card comes last. */
export function breachesByStep(breaches: readonly Breach[], keys: readonly string[]): readonly Breach[] {
  const at = (breach: Breach) => {
    const i = keys.indexOf(breach.key);
    return i < 0 ? keys.length : i;
  };
  const first = new Map<string, Breach>();
  for (const breach of breaches) if (!first.has(breach.key)) first.set(breach.key, breach);
  return [...first.values()].sort((a, b) => at(a) - at(b));
}
