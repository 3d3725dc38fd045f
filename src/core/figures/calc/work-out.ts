import type { FigureId } from '../ids';
import { perStep } from '../sensitive';
import type { RigModel, Source, WheelEnd } from '../../rig';
import { calcOf } from './calcs';
import type { CalcInput, CalcProblem, Outcome, Values } from './define';

/** What an input begins with, and where it is from: the rig's own figure with its source, a usual one, or one for example. */
export interface Start {
  readonly value: number | string;
  readonly from: 'rig' | 'usual' | 'example';
  readonly source?: Source | undefined;
}

/** What each input of a figure begins with on a rig; what is neither known nor usual has none. */
export function filledFrom(
  id: FigureId,
  model: RigModel | undefined,
  place?: WheelEnd,
): Readonly<Record<string, Start>> {
  const inputs = Object.entries<CalcInput>(calcOf(id).inputs);
  return Object.fromEntries(
    inputs.flatMap(([name, input]): (readonly [string, Start])[] => {
      const own = model && input.fill?.(model, place);
      if (own) return [[name, { value: own.value, from: 'rig', source: own.source }]];
      if (input.usual !== undefined) return [[name, { value: input.usual, from: 'usual' }]];
      return input.example === undefined ? [] : [[name, { value: input.example, from: 'example' }]];
    }),
  );
}

/** A figure worked out: what came out, or what is missing, out of bounds or makes no sense. */
export type WorkedOut =
  | ({ readonly state: 'worked'; readonly perStep: number | undefined } & Outcome)
  | { readonly state: 'missing'; readonly inputs: readonly string[] }
  | ({ readonly state: 'problem' } & CalcProblem);

function bounded(
  name: string,
  input: CalcInput,
  value: number | string | undefined,
): CalcProblem | undefined {
  if (value === undefined || input.as === 'words') return undefined;
  if (input.as === 'choice')
    return input.options.includes(String(value)) ? undefined : { at: name, code: 'no-choice' };
  const n = Number(value);
  // A hair beyond is the unit's rounding.
  const slack = (input.max - input.min) * 1e-9;
  return !(n >= input.min - slack && n <= input.max + slack) ? { at: name, code: 'out-of-range' } : undefined;
}

function outcome(id: FigureId, values: Values): Outcome | CalcProblem {
  return calcOf(id).work({
    n: (name) => Number(values[name]),
    maybe: (name) => (values[name] === undefined ? undefined : Number(values[name])),
    t: (name) => String(values[name] ?? ''),
  });
}

/** Works a figure out of what was given (SI, choices and words as text). */
export function workOut(id: FigureId, values: Values): WorkedOut {
  const def = calcOf(id);
  const inputs = Object.entries<CalcInput>(def.inputs);
  for (const [name, input] of inputs) {
    const problem = bounded(name, input, values[name]);
    if (problem) return { state: 'problem', ...problem };
  }
  const missing = inputs
    .filter(([name, input]) => !input.optional && (values[name] === undefined || values[name] === ''))
    .map(([name]) => name);
  if (missing.length > 0) return { state: 'missing', inputs: missing };
  const out = outcome(id, values);
  if ('code' in out) return { state: 'problem', ...out };
  const [main] = Object.keys(def.results);
  const { sensitive } = def;
  const change =
    sensitive && main !== undefined
      ? perStep(
          (input) => {
            const there = outcome(id, { ...values, [sensitive.input]: input });
            return 'code' in there ? undefined : there.results[main];
          },
          Number(values[sensitive.input]),
          sensitive.step,
        )
      : undefined;
  return { state: 'worked', perStep: change, ...out };
}
