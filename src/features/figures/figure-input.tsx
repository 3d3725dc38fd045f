'use client';

import { RotateCcw } from 'lucide-react';
import { memo } from 'react';
import type { CalcInput } from '@/core/figures';
import type { UnitSystem } from '@/core/base';
import { BASIS_WORDS } from '@/text';
import { optionText, shapeUnit, stepOf, type InputWords } from '@/text/figures';
import { Choice, Field, Select } from '@/ui';
import type { Standing } from './use-figure';

/** So many choices stand side by side; more are a list. */
const FEW = 4;

/** Where an input's number is from: the rig, usual figures, or a what if. */
function From({
  standing,
  onReset,
  onAccept,
}: {
  standing: Standing;
  onReset: () => void;
  onAccept: () => void;
}) {
  const { start, changed } = standing;
  if (changed && start && start.from !== 'example')
    return (
      <button
        type="button"
        onClick={onReset}
        className="text-soon inline-flex min-h-8 items-center gap-1 font-semibold underline underline-offset-4"
      >
        <RotateCcw aria-hidden size={14} /> what if
      </button>
    );
  if (!start || changed) return null;
  if (start.from === 'example')
    return (
      <button
        type="button"
        onClick={onAccept}
        className="text-unknown inline-flex min-h-8 items-center font-semibold underline underline-offset-4"
      >
        example: is it yours?
      </button>
    );
  if (start.from === 'usual') return <span className="text-soft">usual figure</span>;
  return <span className="text-soft">{start.source ? BASIS_WORDS[start.source] : 'from the rig'}</span>;
}

interface Props {
  readonly name: string;
  readonly input: CalcInput;
  readonly words: InputWords;
  readonly standing: Standing;
  readonly system: UnitSystem;
  /** What is wrong with it, said at its field. */
  readonly problem: string | undefined;
  /** Asked for now: the first that is missing. */
  readonly wanted: boolean;
  readonly onType: (name: string, text: string) => void;
  readonly onSet: (name: string, value: number) => void;
  readonly onReset: (name: string) => void;
}

/** One input of a figure: typed, dragged along its range, or chosen; with where it is from. A drag redraws only those that changed. */
export const FigureInput = memo(function FigureInput({
  name,
  input,
  words: [label, how],
  standing,
  system,
  problem,
  wanted,
  onType,
  onSet,
  onReset,
}: Props) {
  const from = (
    <From standing={standing} onReset={() => onReset(name)} onAccept={() => onType(name, standing.text)} />
  );
  if (input.as === 'choice') {
    const options = input.options.map((option) => ({ value: option, label: optionText(option) }));
    return (
      <div className="sm:col-span-full">
        {options.length <= FEW ? (
          <Choice
            label={label}
            hint={how}
            columns="grid-cols-2"
            options={options}
            value={standing.text === '' ? undefined : standing.text}
            onChange={(text) => onType(name, text)}
          />
        ) : (
          <Select label={label} value={standing.text} onChange={(text) => onType(name, text)}>
            {standing.text === '' && <option value="">not chosen</option>}
            {options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.label}
              </option>
            ))}
          </Select>
        )}
        <p className="mt-1 text-[0.92rem]">{from}</p>
      </div>
    );
  }
  const number = input.as !== 'words';
  const error = standing.bad ?? problem;
  return (
    <div className={wanted ? 'border-accent border-l-4 pl-3' : undefined}>
      <Field
        label={
          <span className="flex flex-wrap items-baseline justify-between gap-x-3">
            <span>
              {label}
              {input.optional && <span className="text-soft font-normal">, if known</span>}
            </span>
            <span className="text-[0.88rem] font-normal whitespace-nowrap">{from}</span>
          </span>
        }
        aria-label={label}
        inputMode={number ? 'decimal' : 'text'}
        pad={number ? 'figure' : 'code'}
        unit={number ? shapeUnit(input, system) || undefined : undefined}
        value={standing.text}
        onChange={(event) => onType(name, event.target.value)}
        error={error}
        hint={how}
      />
      {number && typeof standing.value === 'number' && (
        <input
          type="range"
          tabIndex={-1}
          aria-hidden
          data-range={name}
          className="accent-accent mt-1 h-7 w-full cursor-grab"
          min={input.min}
          max={reachOf(standing, input.max)}
          step="any"
          value={standing.value}
          onChange={(event) => onSet(name, Number(event.target.value))}
          onKeyDown={(event) => {
            const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
            if (by === undefined || typeof standing.value !== 'number') return;
            event.preventDefault();
            onSet(name, standing.value + by * stepOf(input, system));
          }}
        />
      )}
    </div>
  );
}, sameInput);

/** True where an input would be drawn as it was: what stands in it is made anew with every change of another. */
function sameInput(a: Props, b: Props): boolean {
  const { standing: one, ...rest } = a;
  const { standing: other, ...others } = b;
  const keys = Object.keys(rest) as (keyof typeof rest)[];
  return (
    one.text === other.text &&
    one.value === other.value &&
    one.bad === other.bad &&
    one.changed === other.changed &&
    one.start === other.start &&
    keys.every((key) => rest[key] === others[key])
  );
}

/** A range reaches to twice and a half of where it began, so that a hand can set it: bounds are for nonsense. */
function reachOf({ start, value }: Standing, max: number): number {
  const first = typeof start?.value === 'number' ? start.value : typeof value === 'number' ? value : max;
  const here = typeof value === 'number' ? value : 0;
  return first > 0 ? Math.min(max, Math.max(first * 2.5, here)) : max;
}
