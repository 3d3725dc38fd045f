/**
 * Routine: how work is done. Steps as data with what they need and give, a
 * compiler that lays them out for one rig, a verifier that knows nothing of the
 * compiler and plays a card against the safe order, and the run of a card.
 */
export { compile, type Card, type CardStep, type CompileProblem, type Job } from './compile';
export { verify, type Breach } from './verify/verify';
export { PHASES, type Act, type Phase, type Reading, type StepId } from './steps';
export {
  amendModel,
  back,
  currentStep,
  findingAt,
  isUnfit,
  nutPlay,
  openWork,
  startRun,
  tap,
  type Run,
  type SaidFinding,
  type StepRecord,
  type Tap,
  type TapProblem,
} from './run';
export { finishRun, minutesOf, type Outcome, type RaisedFinding } from './finish';
