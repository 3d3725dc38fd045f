import type { BalanceProblem, TicketProblem } from '../balance';
import type { Dimension, Verdict } from '../../base';
import type { RigModel, Source, WheelEnd } from '../../rig';

/** What a number is: of a dimension in SI, or plain with a unit of its own. */
export type Shape =
  | { readonly as: 'quantity'; readonly of: Dimension; readonly decimals?: number }
  | { readonly as: 'plain'; readonly unit: string; readonly decimals?: number };

interface Filled<T> {
  readonly value: T;
  /** Where the rig's own figure comes from; undefined for a plain fact. */
  readonly source?: Source | undefined;
}

interface Base<T> {
  /** What the rig in hand has for it, at a wheel end where it is asked for one. */
  readonly fill?: (model: RigModel, place: WheelEnd | undefined) => Filled<T> | undefined;
  /** What it begins with where the rig has nothing: a usual figure, shown as such. */
  readonly usual?: T;
  /** What it begins with where only an owner can know: nothing is judged, kept or used while one stands. */
  readonly example?: T;
  /** The figure is worked out without it as well. */
  readonly optional?: true;
}

/** A number that goes into a figure: between bounds, and by which step a key or a drag moves it (SI for quantities). */
export type NumberInput = Shape &
  Base<number> & { readonly min: number; readonly max: number; readonly step: number };
/** One of a few. */
export type ChoiceInput = { readonly as: 'choice'; readonly options: readonly string[] } & Base<string>;
/** What is written on a part. */
export type WordsInput = { readonly as: 'words'; readonly most: number } & Base<string>;
export type CalcInput = NumberInput | ChoiceInput | WordsInput;

/** What was given of a figure's inputs: numbers in SI or plain, choices and words as text. */
export type Values = Readonly<Record<string, number | string | undefined>>;

/** Why inputs make no figure, all there are: whoever says them says every one. */
export type CalcCode =
  | 'out-of-range'
  | 'no-choice'
  | 'longer-than-wrench'
  | 'window-reversed'
  | 'no-time'
  | 'over-target'
  | 'more-than-all'
  | 'no-assembly'
  | 'no-wire'
  | 'not-a-size'
  | 'capacity-unknown'
  | 'over-most'
  | 'not-worn'
  | 'scale-inside'
  | 'behind-frame'
  | 'before-frame'
  | 'too-wide'
  | 'under-bolt'
  | 'across-on-four'
  | 'not-over-closed'
  | BalanceProblem['code']
  | TicketProblem['code'];

/** Why inputs make no figure: at which of them, and by how much where that can be told (SI). */
export interface CalcProblem<I extends string = string> {
  readonly at: I;
  readonly code: CalcCode;
  readonly by?: number;
}

/** What comes out: figures by name, the verdict on the main one where there is one, and a word on it. */
export interface Outcome<R extends string = string> {
  readonly results: Readonly<Partial<Record<R, number>>>;
  readonly verdict?: Verdict | undefined;
  /** A code for what has to be said beside the figures. */
  readonly said?: string | undefined;
}

/** The inputs as a figure reads them: what it needs is there by then. */
export interface Given<I extends string> {
  readonly n: (id: I) => number;
  readonly maybe: (id: I) => number | undefined;
  readonly t: (id: I) => string;
}

/** A figure with its inputs, results (the first is the main one) and how it is worked out. */
export interface CalcDef<I extends string, R extends string> {
  readonly inputs: Readonly<Record<I, CalcInput>>;
  readonly results: Readonly<Record<R, Shape>>;
  readonly work: (given: Given<NoInfer<I>>) => Outcome<NoInfer<R>> | CalcProblem<NoInfer<I>>;
  /** The input whose step is told, with the step (SI). */
  readonly sensitive?: { readonly input: NoInfer<I>; readonly step: number };
}

/** Declares a figure; its names stay known to whoever reads it. */
export function defineCalc<const I extends string, const R extends string>(
  def: CalcDef<I, R>,
): CalcDef<I, R> {
  return def;
}

const number = (
  shape: Shape,
  min: number,
  max: number,
  step: number,
  more: Base<number> = {},
): NumberInput => ({
  ...shape,
  min,
  max,
  step,
  ...more,
});
/** A quantity between bounds (SI). */
export const quantity = (of: Dimension, min: number, max: number, step: number, more?: Base<number>) =>
  number({ as: 'quantity', of }, min, max, step, more);
/** A plain number with a unit of its own. */
export const plain = (unit: string, min: number, max: number, step: number, more?: Base<number>) =>
  number({ as: 'plain', unit }, min, max, step, more);
export const choice = (options: readonly string[], more: Base<string> = {}): ChoiceInput => ({
  as: 'choice',
  options,
  ...more,
});
