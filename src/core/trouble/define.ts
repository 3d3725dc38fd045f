import type { Dimension } from '../quantity';
import type { RoadVerdict } from './verdict';

/** An answer: one of a few, a figure in SI or plain; undefined is not answered yet, and counts as unknown. */
export type Answers = Readonly<Record<string, string | number | undefined>>;

/** A question that decides. */
export type Question = (
  | { readonly as: 'choice'; readonly options: readonly string[] }
  | { readonly as: 'quantity'; readonly of: Dimension }
  | { readonly as: 'minutes' | 'count' }
) & {
  readonly id: string;
  /** Asked only where it still decides something. */
  readonly when?: (answers: Answers) => boolean;
};

/** A trouble: what is asked in order, and the verdict by what was answered so far, the strictest where it was not. */
export interface TroubleDef {
  readonly questions: readonly Question[];
  readonly decide: (answers: Answers) => RoadVerdict;
  /** What it leaves behind once one has gone on. */
  readonly leaves: readonly string[];
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
export const count = (id: string, when?: Question['when']): Question => ({
  as: 'count',
  id,
  ...(when && { when }),
});

/** A figure that was answered. */
export function figure(answers: Answers, id: string): number | undefined {
  const value = answers[id];
  return typeof value === 'number' && Number.isFinite(value) ? value : undefined;
}

/** True for an answer that is said, and said so. */
export const says = (answers: Answers, id: string, ...options: readonly string[]): boolean =>
  options.includes(String(answers[id] ?? 'unknown'));
