'use client';

import { useState } from 'react';
import { schoolFacts } from '@/core/judge';
import { markOfVerdict } from '@/core/base';
import { askedFacts, missingFacts, placesOf, type Changes, type FactId } from '@/core/rig';
import { FactDialog } from '@/features/rig/facts';
import { useRecord, useLeadOn } from '@/features/forms';
import { Named, placeHref, RigPage, type RigView } from '@/features/rigs';
import { PATHS, to } from '@/links';
import { usePreferences } from '@/store';
import { conflictTitle, conflictWords, FACT_HELP, FACT_WORDS, KIND_WORDS } from '@/text';
import { Button, LinkButton, Mark, RigPlan, Tape, reported } from '@/ui';
import { FactList } from './fact-list';
import { GearList } from './gear-list';
import { OwnList } from './own-list';
import { RetireDialog } from './retire-dialog';

/** What is most worth finding out, first first. */
const WORTH: readonly FactId[] = [
  'torque',
  'brake',
  'hub',
  'pressure',
  'threadPitch',
  'slots',
  'lock',
  'socket',
  'loadRange',
  'rating',
  'pinHoles',
  'liftHeight',
];

function Facts({ view }: { view: RigView }) {
  const { units } = usePreferences();
  const record = useRecord();
  const leadOn = useLeadOn();
  const [open, setOpen] = useState<FactId>();
  const [retiring, setRetiring] = useState(false);
  const { model, rig, house, conflicts } = view;
  const also = schoolFacts(house);
  const asked = askedFacts(model, also);
  const missing = missingFacts(model, also);
  const known = asked.length - missing.length;
  const next = WORTH.filter((id) => missing.includes(id)).slice(0, 3);
  const tell = (changes: Changes) =>
    reported(record(rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Saved with the rig'));

  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="min-w-0">
        <h1 className="text-4xl">
          {known} of {asked.length} facts known
        </h1>
        <p className="text-soft mt-1">
          {KIND_WORDS[model.kind]}, {model.axles.length === 1 ? 'one axle' : `${model.axles.length} axles`}.
          Add the rest over time: each is an entry of its own, with where it came from.
        </p>
        <div className="mt-1 mb-3 max-w-xl">
          <Tape
            used={known}
            limit={asked.length}
            mark="clear"
            label={`${known} of ${asked.length} facts known`}
          />
        </div>
        {next.length > 0 && (
          <div className="mt-1 mb-6 flex flex-wrap gap-2">
            {next.map((id) => (
              <Button key={id} onClick={() => setOpen(id)} className="text-left">
                <span>
                  {FACT_WORDS[id].label}
                  <span className="text-soft block text-[0.88rem] font-normal">
                    unlocks {FACT_HELP[id].unlocks}
                  </span>
                </span>
              </Button>
            ))}
          </div>
        )}
        {conflicts.length > 0 && (
          <section aria-label="What does not agree, or is past its age" className="mb-6">
            <h2 className="border-ink border-b-2 pb-1.5 text-xl">What does not agree, or is past its age</h2>
            <ul>
              {conflicts.map((conflict) => {
                const { why } = conflictWords(conflict, units);
                return (
                  <li key={conflict.id} className="border-line flex gap-2.5 border-b py-2.5">
                    <Mark mark={markOfVerdict(conflict.verdict)} size={24} spoken />
                    <p>
                      <strong>
                        <Named href={placeHref(rig.id, conflict.place)}>
                          {conflictTitle(conflict, units)}
                        </Named>
                        .
                      </strong>{' '}
                      <span className="text-soft">{why}</span>
                    </p>
                  </li>
                );
              })}
            </ul>
          </section>
        )}
        <FactList model={model} asked={asked} units={units} onOpen={setOpen} />
        <GearList model={model} onTell={(id, has) => tell({ [`gear.${id}`]: has })} />
        <OwnList model={model} onTell={tell} />
        <div className="flex flex-wrap gap-2.5">
          <LinkButton href={to('setup', rig.id)}>Name, kind, axles</LinkButton>
          <LinkButton href={to('setup', undefined, { copy: rig.id })}>Copy this rig</LinkButton>
          <Button look="danger" onClick={() => setRetiring(true)}>
            Retire this rig
          </Button>
        </div>
      </div>
      <aside>
        <div className="border-line bg-sheet rounded-sheet border p-3 lg:sticky lg:top-6">
          <RigPlan
            model={model}
            heading="up"
            bare
            className="mx-auto max-w-56 lg:max-w-72"
            choosable={placesOf(model)}
            labels={Object.fromEntries(
              view.elsewhere
                .filter(({ mark }) => mark !== 'unknown')
                .map(({ place, mark }) => [place, { mark, note: '' }]),
            )}
          />
          <p className="text-soft mt-2 text-[0.92rem]">
            Drawn from what you entered. Dashed lines: not known yet whether it is there.
          </p>
        </div>
      </aside>
      {open && <FactDialog key={open} view={view} id={open} onClose={() => setOpen(undefined)} />}
      {retiring && (
        <RetireDialog
          name={model.name}
          onClose={() => setRetiring(false)}
          onRetire={(reason) =>
            reported(
              record(
                rig.id,
                [{ kind: 'rig.retired', body: { ...(reason !== '' && { reason }) } }],
                `${model.name} is retired`,
              ).then(() => leadOn(PATHS.yard)),
            )
          }
        />
      )}
    </div>
  );
}

/** The rig as it is known: facts with their sources, gear, the conflict, and what is still missing. */
export function RigFactsView() {
  return <RigPage path={PATHS.rig}>{(view) => <Facts key={view.rig.id} view={view} />}</RigPage>;
}
