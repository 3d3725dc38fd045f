import { pressureTarget } from '@/core/judge';
import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import type { HouseRules, School } from '@/core/rules';
import { measure } from './measure';
import { BASIS_WORDS } from './rig';
import { RULE_WORDS } from './rules';

const BY: Record<School<'pressure'>, string> = {
  placard: 'the placard',
  sidewall: 'the tire’s own maximum',
  'under-maximum': 'a little under the tire’s maximum',
  'by-load': 'your measured load, an estimate of ours',
};

/** What tires are set to cold, by the school that holds: `65 psi by the placard, marked on the part`; undefined where nothing is known to set them by. */
export function targetWords(
  model: Pick<RigModel, 'tires' | 'wheels'>,
  house: Pick<HouseRules, 'pressure'>,
  system: UnitSystem,
): string | undefined {
  const target = pressureTarget(model, house);
  if (!target) return undefined;
  const stands = target.missing
    ? `; your rule, ${RULE_WORDS.pressure.schools[house.pressure] ?? house.pressure}, needs a figure that is not known yet`
    : '';
  return `${measure(target.value, 'pressure', system)} by ${BY[target.by]}, ${BASIS_WORDS[target.source]}${stands}`;
}
