import type { NumberInput } from '@/core/figures';

/** What a drawing of a figure is given: its inputs and results by name (SI), in words, and a way to move one. */
export interface DrawingProps {
  readonly n: (name: string) => number | undefined;
  readonly t: (name: string) => string;
  readonly result: (name: string) => number | undefined;
  /** An input or result with its unit. */
  readonly told: (name: string) => string;
  readonly label: (name: string) => string;
  readonly input: (name: string) => NumberInput;
  /** The step of a key. */
  readonly step: (name: string) => number;
  readonly set: (name: string, value: number) => void;
}

/** What a handle for an input needs of it. */
export function handleOf(
  { n, told, label, input, step, set }: DrawingProps,
  name: string,
): {
  readonly label: string;
  readonly text: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly onValue: (value: number) => void;
} {
  const { min, max } = input(name);
  return {
    label: label(name),
    text: told(name),
    value: n(name) ?? min,
    min,
    max,
    step: step(name),
    onValue: (value) => set(name, value),
  };
}

/** A scale from values to the drawing and back. */
export function scaleOf(from: readonly [number, number], to: readonly [number, number]) {
  const by = (to[1] - to[0]) / (from[1] - from[0] || 1);
  return {
    at: (value: number) => to[0] + (value - from[0]) * by,
    back: (place: number) => from[0] + (place - to[0]) / by,
  };
}
