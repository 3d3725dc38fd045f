'use client';

import { calcOf, type CalcInput, type Shape } from '@/core/figures';
import type { EntryOf } from '@/core/log';
import { usePreferences } from '@/store';
import { figureWords, optionText, shapeText } from '@/text/figures';

/** A figure as it was kept: what came out, and what went in. */
export function KeptFigure({ entry }: { entry: EntryOf<'figure'> }) {
  const { units } = usePreferences();
  const { figure, inputs, results } = entry.body;
  const def = calcOf(figure);
  const words = figureWords(figure);
  const told = (value: number | string, input: CalcInput | undefined) =>
    input === undefined || input.as === 'choice' || input.as === 'words' || typeof value === 'string'
      ? optionText(String(value))
      : shapeText(value, input, units);
  return (
    <div className="mt-2 grid gap-4">
      <p className="text-lg font-semibold">{words.title}</p>
      <ul className="grid gap-1">
        {Object.entries<Shape>(def.results).map(([name, shape]) => {
          const value = results[name];
          return value === undefined ? null : (
            <li key={name}>
              <strong className="figures">{shapeText(value, shape, units)}</strong> {words.results[name]}
            </li>
          );
        })}
      </ul>
      <dl className="border-line grid grid-cols-[1fr_auto] gap-x-6 border-t pt-2">
        {Object.entries<CalcInput>(def.inputs).map(([name, input]) => {
          const value = inputs[name];
          return value === undefined ? null : (
            <div key={name} className="contents">
              <dt className="text-soft">{words.inputs[name]?.[0] ?? name}</dt>
              <dd className="figures text-right">{told(value, input)}</dd>
            </div>
          );
        })}
      </dl>
    </div>
  );
}
