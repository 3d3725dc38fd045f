'use client';

import { useEffect, useRef, useState } from 'react';
import { checkTaken } from '@/core/judge';
import type { InstrumentNamed } from '@/core/log';
import { parseQuantity, unitFor, type Dimension, type UnitSystem } from '@/core/base';
import { useFormUnits } from '@/store';
import { measure, parseWords, takenWords, typed } from '@/text';
import { Button, Field } from '@/ui';
import { TakeLive } from './take-live';

/** A figure typed in, or taken from an instrument that reads it by now; it is checked against what can be: another unit that makes sense of it is offered, and one's own word is taken where it can hold. */
export function ReadingField({
  label,
  what,
  at,
  dimension,
  value,
  onValue,
  target,
  air,
  hint,
  big = false,
  kept,
}: {
  label: string;
  /** What is read, as the log calls it. */
  what: string;
  /** Where, so that an instrument that reads it there is offered. */
  at?: { readonly rig: string; readonly place: string } | undefined;
  dimension: Dimension;
  /** SI. */
  value: number | undefined;
  /** SI; undefined while it is no figure that can stand. */
  onValue: (value: number | undefined, from?: InstrumentNamed) => void;
  target?: number | undefined;
  air?: number | undefined;
  hint?: string | undefined;
  big?: boolean;
  /** Where the form that it stands in lies on disk: what was typed, and in which units. */
  kept?: { readonly text: string; readonly units: UnitSystem; readonly onText: (text: string) => void };
}) {
  const opened = useFormUnits();
  const units = kept?.units ?? opened;
  const unit = unitFor(dimension, units);
  const [own, setOwn] = useState(value === undefined ? '' : typed(value, dimension, units));
  const text = kept?.text ?? own;
  const setText = (next: string) => {
    setOwn(next);
    kept?.onText(next);
  };
  const [insisted, setInsisted] = useState(false);
  const read = text.trim() === '' ? undefined : parseQuantity(text, dimension, unit);
  const problem = read?.ok ? checkTaken(what, read.value, unit, { target, air }) : undefined;
  const take = (next: string, insist: boolean) => {
    setText(next);
    setInsisted(insist);
    const parsed = next.trim() === '' ? undefined : parseQuantity(next, dimension, unit);
    const wrong = parsed?.ok ? checkTaken(what, parsed.value, unit, { target, air }) : undefined;
    const stands = parsed?.ok && (!wrong || (wrong.weight === 'ask' && insist));
    onValue(stands ? parsed.value : undefined);
  };
  // What was taken up from disk is read as if it were typed.
  const stands = read?.ok && !problem ? read.value : undefined;
  const told = useRef(onValue);
  useEffect(() => {
    told.current = onValue;
  });
  const taken = kept !== undefined && value === undefined && stands !== undefined;
  // A form that was begun afresh holds no figure that nobody sees.
  const emptied = kept !== undefined && value !== undefined && text.trim() === '';
  useEffect(() => {
    if (taken) told.current(stands);
    if (emptied) told.current(undefined);
  }, [taken, emptied, stands]);
  const error =
    read && !read.ok
      ? parseWords(read.error, units)
      : problem && !insisted
        ? takenWords(problem, text.trim(), units)
        : undefined;
  const meant = problem?.meant;
  return (
    <div className="grid gap-2">
      <Field
        label={label}
        unit={unit}
        inputMode="decimal"
        big={big}
        value={text}
        hint={hint}
        error={error}
        onChange={(event) => take(event.target.value, false)}
      />
      <TakeLive
        rig={at?.rig}
        what={what}
        place={at?.place}
        units={units}
        onTake={(figure, from, value) => {
          setText(figure);
          setInsisted(true);
          onValue(value, from);
        }}
      />
      {problem && !insisted && (
        <div className="flex flex-wrap gap-2">
          {meant && (
            <Button onClick={() => take(typed(meant.si, dimension, units), false)}>
              It is {measure(meant.si, dimension, units)}
            </Button>
          )}
          {problem.weight === 'ask' && <Button onClick={() => take(text, true)}>It is as I typed it</Button>}
        </div>
      )}
    </div>
  );
}
