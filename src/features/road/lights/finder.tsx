'use client';

import { placesOfCause, TESTS, type Cause, type Diagnosis, type TestDone } from '@/core/judge';
import type { RigModel } from '@/core/rig';
import { causeWords, sureWords, testWords } from '@/text';
import { Button, RigPlan } from '@/ui';

function CauseRow({ cause, first }: { cause: Cause; first: boolean }) {
  const { name, where } = causeWords(cause);
  return (
    <li className="border-line border-b py-3">
      <p className={first ? 'text-2xl font-semibold' : 'font-semibold'}>{name}</p>
      <div className="mt-1.5 grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3">
        <span className="bg-sunk h-2.5 rounded-full">
          <span
            className="bg-accent block h-2.5 rounded-full"
            style={{ width: `${Math.max(2, cause.sure * 100)}%` }}
          />
        </span>
        <span className="figures text-soft">{sureWords(cause.sure)}</span>
      </div>
      <p className="text-soft mt-1.5">{where}</p>
    </li>
  );
}

/** From what failed to the likeliest causes, where they are on this rig, and the test that parts what is left. */
export function Finder({
  model,
  diagnosis,
  tests,
  onTest,
  onUndo,
}: {
  model: RigModel;
  diagnosis: Diagnosis;
  tests: readonly TestDone[];
  onTest: (test: TestDone) => void;
  onUndo: () => void;
}) {
  const { causes, next, unexplained, status } = diagnosis;
  const [first] = causes;
  const words = next && testWords(next);
  return (
    <section aria-label="Likely causes" className="grid gap-5">
      {next && words && (
        <div className="border-accent grid gap-3 border-l-4 pl-4">
          <h2 className="text-2xl">This test tells them apart</h2>
          <p className="text-lg">{words.ask}</p>
          <div className="flex flex-wrap gap-2.5">
            {TESTS[next.test].map((result) => (
              <Button key={result} size="lg" onClick={() => onTest({ ...next, result })}>
                {words.outcomes[result]}
              </Button>
            ))}
          </div>
        </div>
      )}
      <div>
        <h2 className="border-ink border-b-2 pb-1.5 text-xl">
          {status === 'found' ? 'Look here' : 'What it may be, likeliest first'}
        </h2>
        <ul>
          {causes.slice(0, 4).map((cause, i) => (
            <CauseRow key={cause.faults.map(({ id }) => id).join()} cause={cause} first={i === 0} />
          ))}
        </ul>
        {unexplained > 0.25 && (
          <p className="text-soft mt-2">
            None of the usual faults fits well ({Math.round(unexplained * 100)} % left over). Look at each
            lamp again, one function at a time.
          </p>
        )}
        {status === 'open' && !next && (
          <p className="text-soft mt-2">No test from here narrows it down further: begin with the first.</p>
        )}
      </div>
      {first && (
        <div className="border-line bg-sheet rounded-sheet border p-3">
          <RigPlan model={model} heading="left" bare chosen={placesOfCause(first)} />
        </div>
      )}
      {tests.length > 0 && (
        <div>
          <h2 className="border-ink border-b-2 pb-1.5 text-xl">Tried</h2>
          <ul>
            {tests.map((done) => {
              const told = testWords(done);
              return (
                <li key={`${done.test} ${done.side ?? ''}`} className="border-line border-b py-2">
                  {told.ask} <strong>{told.outcomes[done.result]}.</strong>
                </li>
              );
            })}
          </ul>
          <Button look="quiet" className="-ml-4" onClick={onUndo}>
            Undo the last
          </Button>
        </div>
      )}
    </section>
  );
}
