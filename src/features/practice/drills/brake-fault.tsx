'use client';

import { useState } from 'react';
import {
  brakeExpected,
  brakeFaultName,
  brakeReads,
  currentSays,
  soundCurrent,
  type BrakeDrill,
  type BrakeTest,
} from '@/core/practice';
import { formatNumber } from '@/core/base';
import { circuitWords, count } from '@/text';
import { brakeFaultWords, brakeReadWords, brakeTestWords } from '@/text/practice';
import { Button, Choice } from '@/ui';
import { Ended } from '../ended';

const nameOf = ({ test, at }: BrakeTest) => `${test} ${at ?? ''}`;

/** Find the fault in electric brakes: measured, and named in as few measurements as can be. */
export function BrakeFaultDrill({ drill, onEnd }: { drill: BrakeDrill; onEnd: (right: boolean) => void }) {
  const [done, setDone] = useState<readonly BrakeTest[]>([]);
  const [named, setNamed] = useState<string>();
  const [ended, setEnded] = useState(false);
  const hidden = brakeFaultName(drill.hidden);
  const reads = (test: BrakeTest) => brakeReads(drill, drill.hidden, test);
  const end = () => {
    setEnded(true);
    onEnd(named === hidden);
  };
  const measured = reads({ test: 'current', at: undefined }) ?? 0;
  const told = circuitWords(currentSays(drill, measured));
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <div className="grid content-start gap-4">
        <p className="text-lg">
          The trailer brakes weakly. {count(drill.ends.length, 'magnet')}; with nothing wrong they draw{' '}
          <span className="figures font-semibold">{formatNumber(soundCurrent(drill), 1)} A</span>, 3.2 Ω each.
        </p>
        <section aria-label="Tests made">
          <h2 className="border-ink border-b-2 pb-1 text-xl">{count(done.length, 'measurement')} made</h2>
          <ol>
            {done.map((test) => (
              <li
                key={nameOf(test)}
                className="border-line grid grid-cols-[minmax(0,1fr)_auto] gap-4 border-b py-2"
              >
                {brakeTestWords(test)}
                <strong className="figures text-xl">{brakeReadWords(test.test, reads(test))}</strong>
              </li>
            ))}
          </ol>
        </section>
        {!ended && (
          <section aria-label="Tests">
            <h2 className="border-ink border-b-2 pb-1 text-xl">Measure</h2>
            <ul>
              {drill.tests
                .filter((test) => done.every((one) => nameOf(one) !== nameOf(test)))
                .map((test) => (
                  <li key={nameOf(test)} className="border-line border-b">
                    <button
                      type="button"
                      onClick={() => setDone([...done, test])}
                      className="hover:bg-accent-wash/60 min-h-12 w-full py-2 text-left"
                    >
                      {brakeTestWords(test)}
                    </button>
                  </li>
                ))}
            </ul>
          </section>
        )}
      </div>
      {ended ? (
        <Ended title={named === hidden ? 'Found' : 'It was something else'}>
          <p>
            <strong>{brakeFaultWords(drill.hidden)}.</strong>
          </p>
          <p className="figures text-lg">
            {count(done.length, 'measurement')}; the best that is to be expected is{' '}
            {formatNumber(brakeExpected(drill), 1)}.
          </p>
          <p>
            The current of {brakeReadWords('current', measured)} by itself says: {told.said} {told.where}
          </p>
        </Ended>
      ) : (
        <div className="grid content-start gap-4">
          <Choice
            label="What is wrong?"
            columns="grid-cols-1"
            options={drill.choices.map((fault) => ({
              value: brakeFaultName(fault),
              label: brakeFaultWords(fault),
            }))}
            value={named}
            onChange={setNamed}
          />
          <div>
            <Button look="primary" size="lg" disabled={named === undefined} onClick={end}>
              That is what is wrong
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}
