import type { HouseRules } from '../../rules';
import { readKitItem } from './serves';
import type { KitAbout } from './about';

/** The rules of a card that is worked on the road: without a torque wrench aboard that serves, nuts are tightened hard and torqued at the next safe place; else they are finished there. */
export function roadRules(house: HouseRules, about: KitAbout): HouseRules {
  const { state } = readKitItem('wrench', about);
  return { ...house, verge: state === 'serves' ? 'finish-there' : 'tighten-and-go' };
}
