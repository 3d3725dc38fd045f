/**
 * Trouble: what is seen on the road, what decides, how far it may roll, and
 * what it leaves behind. Limits are data with reasons; an unknown answer counts
 * as the strictest.
 */
export { TROUBLE_IDS, TROUBLES, type TroubleId } from './troubles';
export { ROLLS, stricter, together, type RoadVerdict, type Roll, type Standing } from './verdict';
export {
  coolingTime,
  donorsFor,
  keepsEnough,
  lossRate,
  minutesUntilLow,
  survivorLoad,
  type Cooling,
  type Donor,
} from './arithmetic';
export { nextQuestion, soFar, type Answers, type Question, type TroubleDef } from './ask';
