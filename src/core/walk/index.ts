/**
 * Walk: walkarounds compiled from the rig, in two orders; what each answer
 * comes to, the findings a walk leaves, and whether to go. Readings in SI.
 */
export {
  compileWalk,
  itemsOf,
  type ZoneId,
  type Walk,
  type WalkItem,
  type WalkOrder,
  type WalkZone,
} from './walk';
export { subjectsAt } from './subjects';
export { isGlance, type LookId, type System } from './looks';
export {
  judgePressure,
  judgeItem,
  judgeWalk,
  standsAs,
  walkBody,
  type Answer,
  type Answers,
  type Around,
  type Judged,
  type Unjudged,
  type WalkContext,
} from './answers';
export { goVerdict, type GoReason, type GoVerdict, type TowAfter } from './go';
