/**
 * Trouble: what is seen on the road, what decides, how far it may roll, and
 * what it leaves behind. Limits are data with reasons; an unknown answer counts
 * as the strictest.
 */
export { BECAUSE, type Because } from './because';
export { TROUBLE_IDS, type TroubleId } from './ids';
export { troubleAbout, type TroubleAbout } from './about';
export { lossOf, minutesLeft } from './tires';
export { asksOfSpot, barredAt, SPOT_QUESTIONS, type Barred, type Spot, type SpotQuestion } from './spot';
export { outOfDanger, type OutOfDanger } from './out';
export { TROUBLES, troubleDef } from './troubles';
export { ROLLS, stricter, type RoadVerdict, type Roll } from './verdict';
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
export { LEFT_IDS, leftDef, LEFTS_OF_A_TIRE, type LeftAt, type LeftDef, type LeftId } from './lefts';
export {
  KIT_FIGURE_IDS,
  KIT_FIGURES,
  KIT_GROUPS,
  KIT_IDS,
  kitDef,
  type KitFigure,
  type KitGroup,
  type KitId,
} from './kit-items';
export { leftPlaces, troublePlaces, troublesFor } from './where';
export { asked, nextQuestion, soFar, type Answers, type Question, type TroubleDef } from './ask';
