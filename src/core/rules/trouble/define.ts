import type { Dimension } from '../../base';
import type { GearId } from '../../rig';
import type { WorkId } from '../routines';
import type { Because } from './because';
import type { LeftId } from './lefts';
import type { RoadVerdict } from './verdict';

/** An answer: one of a few, a figure in SI or plain; undefined is not answered yet, and counts as unknown. */
export type TroubleAnswers = Readonly<Record<string, string | number | undefined>>;

/** A question that decides. */
export type Question = (
  | { readonly as: 'choice'; readonly options: readonly string[] }
  | { readonly as: 'quantity'; readonly of: Dimension }
  | { readonly as: 'minutes' | 'count' | 'speed' }
) & {
  readonly id: string;
  /** Asked only where it still decides something. */
  readonly when?: (answers: TroubleAnswers) => boolean;
};

/** A trouble: what is asked in order, and the verdict by what was answered so far, the strictest where it was not. */
export interface TroubleDef {
  readonly questions: readonly Question[];
  readonly decide: (answers: TroubleAnswers) => RoadVerdict;
  /** Where it can be: a wheel end, the rig as a whole, or a piece of gear of those it has. */
  readonly at: 'wheel' | 'rig' | readonly GearId[];
  /** What it leaves to be done, by what decided, beside itself. */
  readonly leaves: (because: Because, answers: TroubleAnswers) => readonly LeftId[];
  /** Verdicts after which nothing of it stands: there was nothing, or it is over. */
  readonly nothing?: readonly Because[];
  /** Verdicts that hold only once the work below is done. */
  readonly onceDone?: readonly Because[];
  /** The work that puts it right on the spot, by what decided. */
  readonly work?: (because: Because) => WorkId | undefined;
}

/** Declares a trouble. */
export function defineTrouble(def: TroubleDef): TroubleDef {
  return def;
}

/** A question with a few answers, and that nobody knows. */
export const choice = (id: string, options: readonly string[], when?: Question['when']): Question => ({
  as: 'choice',
  id,
  options: [...options, 'unknown'],
  ...(when && { when }),
});
export const quantity = (id: string, of: Dimension, when?: Question['when']): Question => ({
  as: 'quantity',
  id,
  of,
  ...(when && { when }),
});
export const minutes = (id: string, when?: Question['when']): Question => ({
  as: 'minutes',
  id,
  ...(when && { when }),
});
/** A speed (m/s), as a dial shows it. */
export const speed = (id: string, when?: Question['when']): Question => ({
  as: 'speed',
  id,
  ...(when && { when }),
});
export const count = (id: string, when?: Question['when']): Question => ({
  as: 'count',
  id,
  ...(when && { when }),
});

/** A figure that was answered. */
export function figure(answers: TroubleAnswers, id: string): number | undefined {
  const value = answers[id];
  return typeof value === 'number' && Number.isFinite(value) ? value : undefined;
}

/** True for an answer that is said, and said so. */
export const says = (answers: TroubleAnswers, id: string, ...options: readonly string[]): boolean =>
  options.includes(String(answers[id] ?? 'unknown'));
