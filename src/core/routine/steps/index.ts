/**
 * Steps: the routines as data, a chapter a file. Each step says what must hold
 * before it and what holds after; the compiler orders them, the verifier plays them.
 */
import { CLOSE } from './close';
import { LOOK } from './look';
import { OPEN } from './open';
import { RAISE } from './raise';
import { REFIT } from './refit';
import type { StepDef } from './step';

export { CLEAR_UP, SET_UP } from './once';
export {
  PHASES,
  type Act,
  type Fact,
  type Phase,
  type Reading,
  type Scope,
  type StepDef,
  type StepId,
} from './step';

/** A bearing repack at one wheel end, from the nuts broken loose to the cover back on. */
export const REPACK: readonly StepDef[] = [...RAISE, ...OPEN, ...LOOK, ...CLOSE, ...REFIT];
