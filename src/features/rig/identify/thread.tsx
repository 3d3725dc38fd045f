'use client';

import { useState } from 'react';
import { stopsInWindow, endPlayWindow } from '@/core/figures';
import { parseNumber, toSI } from '@/core/base';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { fraction, measure, parseWords, threadWords } from '@/text';
import { Choice, cx, Field, Mark } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';

/** Thread gauge, slots and holes to end play per slot. */
export function Thread({ view }: { view: RigView }) {
  const units = useFormUnits();
  const [text, setText] = useState('');
  const [unit, setUnit] = useState<'tpi' | 'mm'>('tpi');
  const [slotsText, setSlots] = useState('6');
  const [holes, setHoles] = useState<1 | 2>(2);
  const read = parseNumber(text);
  const [min, max] = unit === 'tpi' ? [6, 40] : [0.5, 4];
  const inside = read.ok && read.value >= min && read.value <= max;
  const pitch = inside ? (unit === 'tpi' ? toSI(1 / read.value, 'in') : toSI(read.value, 'mm')) : undefined;
  const slotsRead = parseNumber(slotsText);
  const slotsOk =
    slotsRead.ok && Number.isInteger(slotsRead.value) && slotsRead.value >= 3 && slotsRead.value <= 24;
  const slots = slotsOk ? slotsRead.value : undefined;
  const window = endPlayWindow(view.model.axles[0] ?? {});
  const stops =
    pitch !== undefined && slots !== undefined ? stopsInWindow({ pitch, slots, holes }, window) : [];
  const first = stops.find((stop) => stop.turn > 0);
  return (
    <Frame
      before="With the cap off and the nut still on: count its slots, look for a second cross hole, and mark where the pin hole stands."
      photo="The spindle end with nut, pin and washer as they were."
      result={
        pitch !== undefined && slots !== undefined && first ? (
          <Outcome
            figure={measure(first.play, 'length', units, units === 'us' ? 4 : 3).split(' ')[0] ?? ''}
            unit={`${measure(first.play, 'length', units).split(' ')[1] ?? ''} at the first stop back`}
            says={`${threadWords(pitch)}: one slot more or less is ${measure(pitch / slots, 'length', units, units === 'us' ? 4 : 3)} of end play.`}
            confirm="The axle maker’s own window, where the manual has one."
          >
            <ul className="grid gap-1">
              {stops.slice(0, 5).map((stop) => (
                <li key={stop.turn} className={cx('flex items-center gap-2.5', !stop.inside && 'text-soft')}>
                  <Mark mark={stop.inside ? 'clear' : 'due'} size={18} spoken />
                  <span className="w-32 whitespace-nowrap">
                    {stop.turn === 0
                      ? 'seated'
                      : `${fraction(stop.slots)} ${stop.slots > 1 ? 'slots' : 'slot'} back`}
                  </span>
                  <span className="figures font-semibold">
                    {measure(stop.play, 'length', units, units === 'us' ? 4 : 3)}
                  </span>
                  <span className="text-soft text-[0.92rem]">
                    {stop.inside ? 'inside the window' : 'outside'}
                  </span>
                </li>
              ))}
            </ul>
            <KeepFound
              view={view}
              label={view.model.axles.length === 1 ? 'Save with the axle' : 'Save for all axles'}
              changes={Object.fromEntries(
                view.model.axles.flatMap((_, i) => [
                  [`axles.${i}.threadPitch`, { value: pitch, source: 'marking' }],
                  [`axles.${i}.slots`, { value: slots, source: 'marking' }],
                  [`axles.${i}.pinHoles`, { value: holes, source: 'marking' }],
                ]),
              )}
            />
          </Outcome>
        ) : (
          <Waiting>Lay the gauge in the thread: which leaf fits tells the pitch.</Waiting>
        )
      }
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <Field
          label="Thread"
          big
          unit={unit === 'tpi' ? 'per inch' : 'mm pitch'}
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={
            text.trim() === ''
              ? undefined
              : !read.ok
                ? parseWords(read.error, units)
                : inside
                  ? undefined
                  : `Spindle threads run from ${min} to ${max} ${unit === 'tpi' ? 'to the inch' : 'mm'}.`
          }
        />
        <Choice
          label="Gauge in"
          columns="grid-cols-1"
          options={[
            { value: 'tpi', label: 'threads per inch' },
            { value: 'mm', label: 'mm pitch' },
          ]}
          value={unit}
          onChange={setUnit}
        />
      </div>
      <Field
        label="Slots in the nut"
        unit="slots"
        inputMode="numeric"
        value={slotsText}
        onChange={(event) => setSlots(event.target.value)}
        error={slotsText.trim() !== '' && !slotsOk ? 'A whole number from 3 to 24.' : undefined}
      />
      <Choice
        label="Pin holes"
        columns="grid-cols-2"
        options={[
          { value: '1', label: 'One' },
          { value: '2', label: 'Two, crossed' },
        ]}
        value={String(holes)}
        onChange={(value) => setHoles(value === '1' ? 1 : 2)}
      />
    </Frame>
  );
}
