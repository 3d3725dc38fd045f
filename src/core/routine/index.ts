/**
 * Routine: how work is done. Steps as data with what they need and give, a
 * compiler that lays them out for one rig, a verifier that knows nothing of the
 * compiler and plays a card against the safe order, and the run of a card.
 */
export { compile } from './compile';
export {
  effortOf,
  placesOnCard,
  type Card,
  type CardStep,
  type CompileProblem,
  type Job,
  type Pace,
  type TakenBranch,
} from './card';
export { verify, type Breach } from './verify/verify';
export {
  ACTS,
  BRANCH_IDS,
  BRANCHES,
  PHASES,
  PLANS,
  type Act,
  type BranchId,
  type Phase,
  type Reading,
  type StepId,
  type Tool,
} from './steps';
export {
  back,
  currentStep,
  findingAt,
  needsDryTorque,
  park,
  passedOver,
  startRun,
  torquesMissing,
  torquedToGuess,
  type Run,
  type SaidFinding,
  type StepRecord,
} from './run';
export { guardsLife, stretchOf, tapThrough } from './chapter';
export { tap, typeIn, type Tap, type TapProblem } from './tap';
export { amendModel, branchesOf, isStale, takeBranch, type AmendProblem } from './amend-run';
export { nutPlay } from './nut-play';
export { toOrder, type OrderLine, type WorkAhead } from './to-order';
export { needsOf, type CardNeeds, type PartNeed, type SupplyId, type ToolId } from './needs';
export { readRun, storeRun, type RunProblem } from './stored';
export { looksLikeRun, type StoredRun } from './stored-shape';
export { isUnfit, openWork } from './open';
export { finishRun, leaveRun, minutesOf, type Outcome, type PartChange } from './finish';
export { notedIn, readAt, spareGoesTo } from './raised';
export { curedFindings } from './cured';
export { missingMates, sideAsItIs, type SideAsItIs } from './pairs';
