'use client';

import { useState } from 'react';
import { maxColdPressure, tireSize, turnsPerMile, usualCapacity } from '@/core/figures';
import { formatQuantity } from '@/core/base';
import { LOAD_RANGES, type LoadRange } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { measure } from '@/text';
import { Choice, Field } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';

const MADE_FOR = {
  trailer: 'a trailer tire',
  'light-truck': 'a light truck tire: look whether the trailer’s maker allows it',
  passenger: 'a passenger tire, not made for trailers',
} as const;

/** Size string and load range to diameter, capacity and maximum cold pressure. */
export function TireSize({ view }: { view: RigView }) {
  const units = useFormUnits();
  const { tires } = view.model;
  const [text, setText] = useState(tires?.size?.value ?? '');
  const [range, setRange] = useState<LoadRange | undefined>(tires?.loadRange?.value);
  const size = tireSize(text);
  const pressure = range && maxColdPressure(range);
  const carries = size && range ? usualCapacity(text, range) : undefined;
  const shown = size && formatQuantity(size.diameter, 'length', units, units === 'us' ? 2 : 0);
  return (
    <Frame
      before="Read the placard as well as the tire: what is installed need not be what belongs there."
      photo="The wall with size, load range and its “max load … at … cold”."
      result={
        size && shown ? (
          <Outcome
            figure={shown.number}
            unit={`${shown.unit} high`}
            says={`${size.madeFor ? MADE_FOR[size.madeFor].replace(/^a/, 'A') : 'What it is made for is not in this size: look for ST, LT or P'}${size.radial ? ', radial' : ', bias ply'}. About ${Math.round(turnsPerMile(size.diameter))} turns a mile, unloaded.`}
            confirm="Load and pressure as molded on the wall: they outrank what is usual for the letter."
          >
            <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
              <dt className="text-soft">Carries</dt>
              <dd>
                {carries
                  ? `${measure(carries, 'weight', units)} each, usual for the size`
                  : range
                    ? 'not in our table: read it off the wall'
                    : 'choose the load range'}
              </dd>
              <dt className="text-soft">Most, cold</dt>
              <dd>
                {pressure
                  ? `${measure(pressure, 'pressure', units)}, usual for load range ${range}`
                  : 'choose the load range'}
              </dd>
            </dl>
            <KeepFound
              view={view}
              label="Save size and load range"
              changes={{
                'tires.size': { value: text.trim().toUpperCase(), source: 'marking' },
                ...(range && { 'tires.loadRange': { value: range, source: 'marking' } }),
              }}
            />
          </Outcome>
        ) : (
          <Waiting>
            {text.trim() === ''
              ? 'Type the size as it is molded on the wall.'
              : 'This is not written like a tire size, such as ST225/75R15 or 4.80-12.'}
          </Waiting>
        )
      }
    >
      <Field
        label="Size"
        big
        placeholder="ST225/75R15"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Choice
        label="Load range"
        columns="grid-cols-7"
        options={LOAD_RANGES.map((value) => ({ value, label: value }))}
        value={range}
        onChange={setRange}
      />
    </Frame>
  );
}
