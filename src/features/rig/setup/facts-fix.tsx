'use client';

import type { SetupTask } from '@/core/record';
import { applyChanges, factAt, isGear, type Changes } from '@/core/rig';
import { useRecord, useLeadOn } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { FactEditor, factLead } from '@/features/rig/facts';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { FACT_WORDS, placeName } from '@/text';
import { Choice, LinkButton, reported } from '@/ui';

type Correction = Extract<SetupTask, { task: 'correct' }>;

/** True for changes that are all facts or gear: those are set right one by one. */
export function areFacts(changes: Changes): boolean {
  return Object.keys(changes).every((path) => factAt(path) ?? path.startsWith('gear.'));
}

/** A change of facts set right: each as it was told, to be told anew. */
export function FactsFix({ task, changes, view }: { task: Correction; changes: Changes; view: RigView }) {
  const { units } = usePreferences();
  const record = useRecord();
  const leadOn = useLeadOn();
  const { entry, before } = task;
  const rig = { ...view, model: task.model };
  const keep = (fixed: Changes) => {
    const next: Changes = { ...changes, ...fixed };
    // What a fix withdraws was not known before either: then the change leaves it out.
    for (const [path, value] of Object.entries(next))
      if (value === null && before && applyChanges(before, { [path]: null }).ok) delete next[path];
    if (Object.keys(next).length === 0) {
      reported(
        record(entry.rig, [{ kind: 'void', body: { target: entry.id } }], 'Withdrawn').then(() =>
          leadOn(to('logbook', entry.rig)),
        ),
      );
      return;
    }
    reported(
      record(
        entry.rig,
        [{ kind: 'rig.changed', body: { changes: next }, happened: entry.happened, replaces: entry.id }],
        'Corrected',
      ).then(() => leadOn(to('logbook', entry.rig))),
    );
  };
  return (
    <div className="mx-auto w-full max-w-2xl px-4 py-5 md:px-8">
      <h1 className="text-4xl">Set an entry right</h1>
      <p className="text-soft mt-1 mb-5">The original stays readable in the logbook.</p>
      {Object.entries(changes).map(([path, value]) => {
        const at = factAt(path);
        const gear = path.replace(/^gear\./, '');
        return (
          <section key={path} className="border-ink border-t-2 pt-4 pb-7">
            <h2 className="text-2xl">
              {at ? FACT_WORDS[at.id].label : isGear(gear) ? placeName(gear) : path}
              {path.startsWith('axles.') && at && (
                <span className="text-soft text-lg font-normal">, axle {at.index + 1}</span>
              )}
            </h2>
            {at ? (
              <>
                <p className="text-soft mt-0.5 mb-4">{factLead(at.id, units)}</p>
                <FactEditor view={rig} id={at.id} axle={at.index} keep="Set it right" onKeep={keep} />
              </>
            ) : (
              <Choice
                label="This rig"
                columns="grid-cols-2"
                options={[
                  { value: 'true', label: 'Has it' },
                  { value: 'false', label: 'Has none' },
                ]}
                value={String(value)}
                onChange={(has) => keep({ [path]: has === 'true' })}
              />
            )}
          </section>
        );
      })}
      <LinkButton href={to('logbook', entry.rig)}>Leave it</LinkButton>
    </div>
  );
}
