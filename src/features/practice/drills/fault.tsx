'use client';

import { useState } from 'react';
import { lampSteps, type Sight, type Shows, type TestAt, type TestDone } from '@/core/judge';
import { brakeDrill, faultDrill, faultOutcome, makeTest, type FaultOutcome } from '@/core/practice';
import { formatNumber } from '@/core/base';
import { causeWords, count, LAMP_WORDS, list, SHOWS_WORDS, SIGHT_WORDS, small, testWords } from '@/text';
import { Button, Choice, cx } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';
import { BrakeFaultDrill } from './brake-fault';

/** How a lamp of a sight is drawn. */
const GLOW: Record<Sight, string> = {
  ok: 'bg-[#d43a2f] border-ink',
  dim: 'bg-[#d43a2f]/35 border-ink',
  out: 'bg-sunk border-ink',
  wrong: 'bg-sunk border-due border-dashed',
};

const nameOf = (test: TestAt) => `${test.test} ${test.side ?? ''}`;
const nameFault = (id: string, choices: ReturnType<typeof faultDrill>['choices']) => {
  const fault = choices.find((one) => one.id === id);
  return fault ? causeWords({ faults: [fault], sure: 1 }).name : id;
};

/** Find the fault: switch, look, test, and name what is wrong in as few tests as can be. */
function LampFaultDrill({ model, seed, onEnd }: DrillProps) {
  const [drill] = useState(() => faultDrill(model, seed % 3 === 0 ? 'separate' : 'shared', seed));
  const steps = lampSteps(model);
  const [shows, setShows] = useState<Shows>('running');
  const [done, setDone] = useState<readonly TestDone[]>([]);
  const [named, setNamed] = useState<readonly string[]>([]);
  const [outcome, setOutcome] = useState<FaultOutcome>();
  const lamps = steps.find((step) => step.shows === shows)?.lamps ?? [];
  const sightOf = (lamp: string) =>
    drill.pattern.find((cell) => cell.lamp === lamp && cell.shows === shows)?.result ?? 'ok';
  const name = (id: string) =>
    setNamed(named.includes(id) ? named.filter((one) => one !== id) : [...named, id].slice(-2));
  const end = () => {
    const is = faultOutcome(drill, model, done, named);
    setOutcome(is);
    onEnd(is.right);
  };
  const hidden = causeWords({ faults: [...drill.hidden], sure: 1 });
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <div className="grid content-start gap-5">
        <Choice
          label="Switched on in the tow vehicle"
          columns="grid-cols-2"
          options={steps
            .filter(({ lamps: of }) => of.length > 0)
            .map(({ shows: one }) => ({ value: one, label: SHOWS_WORDS[one] }))}
          value={shows}
          onChange={setShows}
        />
        <ul
          aria-label="What the lamps do"
          className="border-line bg-sheet grid grid-cols-2 gap-4 rounded-sheet border p-4"
        >
          {lamps.map((lamp) => (
            <li key={lamp} className="flex items-center gap-3">
              <span className={cx('h-9 w-12 rounded-sheet border-2', GLOW[sightOf(lamp)])} aria-hidden />
              <span>
                {LAMP_WORDS[lamp]}
                <strong className="block">{SIGHT_WORDS[sightOf(lamp)]}</strong>
              </span>
            </li>
          ))}
        </ul>
        <p className="text-soft">
          {drill.wiring === 'shared'
            ? 'Brake and turn share one red lamp on this trailer.'
            : 'Turn signals have lamps of their own on this trailer.'}
        </p>
        {done.length > 0 && (
          <section aria-label="Tests made">
            <h2 className="border-ink border-b-2 pb-1 text-xl">{count(done.length, 'test')} made</h2>
            <ol>
              {done.map((one) => (
                <li key={nameOf(one)} className="border-line border-b py-2">
                  {testWords(one).ask} <strong>{testWords(one).outcomes[one.result]}.</strong>
                </li>
              ))}
            </ol>
          </section>
        )}
      </div>
      {outcome ? (
        <Ended title={outcome.right ? 'Found' : 'It was something else'}>
          <p>
            <strong>{hidden.name}.</strong> {hidden.where}
          </p>
          {!outcome.right && named.length > 0 && (
            <p>You named: {list(named.map((id) => small(nameFault(id, drill.choices))))}.</p>
          )}
          <p className="figures text-lg">
            {count(outcome.tests, 'test')}; the best that is to be expected is{' '}
            {formatNumber(outcome.expected, 1)}.
          </p>
          {outcome.open.length > 1 && (
            <p>When you named it, {outcome.open.length} causes still fitted what you had seen.</p>
          )}
          {outcome.first && (
            <p>The fault finder on the Road would have begun with: {testWords(outcome.first).ask}</p>
          )}
        </Ended>
      ) : (
        <div className="grid content-start gap-5">
          <section aria-label="Tests">
            <h2 className="border-ink border-b-2 pb-1 text-xl">Test it</h2>
            <ul>
              {drill.tests
                .filter((test) => done.every((one) => nameOf(one) !== nameOf(test)))
                .map((test) => (
                  <li key={nameOf(test)} className="border-line border-b">
                    <button
                      type="button"
                      onClick={() => setDone([...done, makeTest(drill, test)])}
                      className="hover:bg-accent-wash/60 min-h-12 w-full py-2 text-left"
                    >
                      {testWords(test).ask}
                    </button>
                  </li>
                ))}
            </ul>
          </section>
          <fieldset>
            <legend className="border-ink w-full border-b-2 pb-1 text-xl font-semibold">
              Name it: one thing, or two at once
            </legend>
            <div
              className="max-h-80 overflow-y-auto"
              tabIndex={0}
              role="group"
              aria-label="Causes to choose from"
            >
              {drill.choices.map(({ id }) => (
                <label key={id} className="border-line flex min-h-11 items-center gap-3 border-b py-1.5">
                  <input
                    type="checkbox"
                    className="accent-accent h-5 w-5"
                    checked={named.includes(id)}
                    onChange={() => name(id)}
                  />
                  {nameFault(id, drill.choices)}
                </label>
              ))}
            </div>
          </fieldset>
          <div>
            <Button look="primary" size="lg" disabled={named.length === 0} onClick={end}>
              That is what is wrong
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

/** Of so many, one has its fault in the brakes, where the rig has electric ones. */
const BRAKES = 4;

/** Find the fault: in the lamps, or now and then in the brakes. */
export default function FaultDrill(props: DrillProps) {
  const { model, seed, inCourse, onEnd } = props;
  const [brakes] = useState(() => (!inCourse && seed % BRAKES === 1 ? brakeDrill(model, seed) : undefined));
  return brakes ? <BrakeFaultDrill drill={brakes} onEnd={onEnd} /> : <LampFaultDrill {...props} />;
}
