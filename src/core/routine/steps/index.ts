/**
 * Steps: the routines as data, a chapter a file. Each step says what must hold
 * before it and what holds after; the compiler orders them, the verifier plays them.
 */
export { ACTS, GUARDS, type Act, type StepId } from './acts';
export { BRANCH_IDS, BRANCHES, branchesAt, type BranchDef, type BranchId } from './branches';
export { CHOCK, CHOCK_OVER, SET_UP, UNCHOCK } from './once';
export { TIGHTEN_HARD } from './corner';
export { LAMPS } from './round';
export {
  axleEnds,
  chaptersAt,
  CHAPTERS,
  chapterSteps,
  FRAME_DOWN,
  FRAME_UP,
  inWalkingOrder,
  placesOfJob,
  PLANS,
  type ChapterId,
  type Plan,
} from './plans';
export {
  PHASES,
  type Fact,
  type Phase,
  type Reading,
  type Scope,
  type StepContext,
  type StepDef,
  type Tool,
} from './step';
