'use client';

import { useCallback, useMemo, useState } from 'react';
import {
  calcOf,
  filledFrom,
  workOut,
  type NumberInput,
  type Start,
  type Values,
  type WorkedOut,
  type FigureId,
} from '@/core/figures';
import type { UnitSystem } from '@/core/base';
import type { RigModel, WheelEnd } from '@/core/rig';
import { inputRead, inputTyped, stepOf } from '@/text/figures';

/** What was typed or moved at an input: its text stays as typed, with its value or what is wrong with it. */
interface Given {
  readonly text: string;
  readonly value: number | string | undefined;
  readonly bad?: string | undefined;
}

/** One input as it stands. */
export interface Standing {
  readonly text: string;
  readonly value: number | string | undefined;
  readonly bad: string | undefined;
  readonly start: Start | undefined;
  /** Changed from what the rig has, or from the usual figure. */
  readonly changed: boolean;
}

/** A figure in hand: its inputs, what they come to, and ways to change them. */
export interface Figure {
  readonly id: FigureId;
  readonly inputs: Readonly<Record<string, Standing>>;
  readonly values: Values;
  readonly out: WorkedOut;
  /** The inputs that still hold an example: nothing is judged, kept or used while there is one. */
  readonly examples: readonly string[];
  readonly type: (name: string, text: string) => void;
  readonly set: (name: string, value: number) => void;
  readonly reset: (name: string) => void;
}

/** Keeps a figure's inputs: the rig's own at first, then what is typed or dragged; worked out at once. */
export function useFigure(
  id: FigureId,
  model: RigModel | undefined,
  place: WheelEnd | undefined,
  system: UnitSystem,
  kept: Values | undefined,
): Figure {
  const def = calcOf(id);
  const start = useMemo(() => filledFrom(id, model, place), [id, model, place]);
  const [given, setGiven] = useState<Readonly<Record<string, Given>>>(() =>
    Object.fromEntries(
      Object.entries(kept ?? {}).flatMap(([name, value]) => {
        const input = def.inputs[name];
        return input && value !== undefined
          ? [[name, { text: inputTyped(value, input, system), value }]]
          : [];
      }),
    ),
  );
  const inputs = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(def.inputs).map(([name, input]): [string, Standing] => {
          const own = given[name];
          const first = start[name];
          return [
            name,
            {
              text: own?.text ?? (first ? inputTyped(first.value, input, system) : ''),
              value: own ? own.value : first?.value,
              bad: own?.bad,
              start: first,
              changed: own !== undefined,
            },
          ];
        }),
      ),
    [def, given, start, system],
  );
  const values = useMemo(
    () => Object.fromEntries(Object.entries(inputs).map(([name, { value }]) => [name, value])),
    [inputs],
  );
  const out = useMemo(() => workOut(id, values), [id, values]);
  const type = useCallback(
    (name: string, text: string) => {
      const input = def.inputs[name];
      if (!input) return;
      const next = ((): Given => {
        if (text.trim() === '') return { text, value: undefined };
        if (input.as === 'choice' || input.as === 'words') return { text, value: text };
        const read = inputRead(text, input, system);
        return read.ok ? { text, value: read.value } : { text, value: undefined, bad: read.error };
      })();
      setGiven((now) => ({ ...now, [name]: next }));
    },
    [def, system],
  );
  const set = useCallback(
    (name: string, value: number) => {
      const input = def.inputs[name];
      if (!input || input.as === 'choice' || input.as === 'words') return;
      const moved = rounded(value, input, system);
      setGiven((now) => ({ ...now, [name]: { text: inputTyped(moved, input, system), value: moved } }));
    },
    [def, system],
  );
  const reset = useCallback(
    (name: string) =>
      setGiven((now) => Object.fromEntries(Object.entries(now).filter(([one]) => one !== name))),
    [],
  );
  const examples = Object.entries(inputs).flatMap(([name, one]) =>
    !one.changed && one.start?.from === 'example' ? [name] : [],
  );
  return { id, inputs, values, out, examples, type, set, reset };
}

/** A dragged value within its bounds, on a step of its own units. */
function rounded(value: number, input: NumberInput, system: UnitSystem): number {
  const step = stepOf(input, system);
  const onStep = Math.round(value / step) * step;
  return Math.min(input.max, Math.max(input.min, onStep));
}
