'use client';

import { useState } from 'react';
import { leakBetween, PERMEATION, pressureAt } from '@/core/figures';
import { leakDrill } from '@/core/practice';
import { usePreferences } from '@/store';
import { count, measure } from '@/text';
import { Button } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';

const WORDS = { leak: 'Leak', weather: 'Weather' } as const;

/** Leak or weather: two readings of one cold tire. */
export default function LeakDrillView({ seed, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const [drill] = useState(() => leakDrill(seed));
  const [said, setSaid] = useState<'leak' | 'weather'>();
  const { first, second, truth, expected } = drill;
  const leak = leakBetween(first, second);
  const psi = (value: number) => measure(value, 'pressure', units, 1);
  const air = (kelvin: number) => measure(kelvin, 'temperature', units, 0);
  const degrees = units === 'us' ? 10 / 1.8 : 5;
  const step =
    pressureAt(first.pressure, first, { temperature: first.temperature + degrees }) - first.pressure;
  const answer = (one: 'leak' | 'weather') => {
    setSaid(one);
    onEnd(one === truth);
  };
  return (
    <div className="grid max-w-3xl gap-6">
      <dl className="border-ink grid grid-cols-2 border-t-2">
        {[['First, cold', first] as const, [`${count(second.day, 'day')} later, cold`, second] as const].map(
          ([name, read]) => (
            <div key={name} className="border-line border-b py-4 pr-4">
              <dt className="text-soft">{name}</dt>
              <dd className="figures text-5xl font-semibold">{psi(read.pressure)}</dd>
              <dd className="figures text-xl">at {air(read.temperature)}</dd>
            </div>
          ),
        )}
      </dl>
      {!said ? (
        <div className="grid grid-cols-2 gap-3">
          {(['leak', 'weather'] as const).map((one) => (
            <Button key={one} size="lg" onClick={() => answer(one)}>
              {WORDS[one]}
            </Button>
          ))}
        </div>
      ) : (
        <Ended
          title={
            said === truth ? `${WORDS[truth]}, yes` : `It was ${truth === 'leak' ? 'a leak' : 'the weather'}`
          }
        >
          <p className="text-lg">
            Weather alone takes {psi(first.pressure)} at {air(first.temperature)} to{' '}
            <strong>{psi(expected)}</strong> at {air(second.temperature)}. It reads{' '}
            <strong>{psi(second.pressure)}</strong>.
          </p>
          {leak && (
            <p>
              {truth === 'leak'
                ? `Brought to one temperature it loses about ${psi(leak.monthly)} a month, at least ${psi(leak.least)} by what a gauge can be off. Rubber lets through ${psi(first.pressure * PERMEATION)} a month.`
                : `What is left of the difference is within what a gauge can be off and what rubber lets through, ${psi(first.pressure * PERMEATION)} a month.`}{' '}
              Here {units === 'us' ? '10 °F' : '5 °C'} more or less is {psi(step)}.
            </p>
          )}
          <p className="text-soft text-[0.92rem]">
            By the formula under Figures, cold pressure at another temperature.
          </p>
        </Ended>
      )}
    </div>
  );
}
