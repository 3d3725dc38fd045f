/**
 * Calc: the figures with their inputs: what goes in, what the rig in hand has
 * of it, what comes out, and what it is sensitive to. Knows the rig, nothing
 * of the log or of any screen.
 */
export { calcOf, type InputId, type ResultId } from './calcs';
export { filledFrom, workOut, type Start, type WorkedOut } from './work-out';
export type { CalcCode, CalcInput, NumberInput, Outcome, Shape, Values } from './define';
export { LOADS } from './balance';
export { answerTo, GUESSES, guessOf, type Guess, type GuessId } from './guess';
