'use client';

import { useState } from 'react';
import type { Changes } from '@/core/rig';
import type { Run } from '@/core/routine';
import { TORQUE_FACTS, torqueOf, type TorqueId } from '@/core/rules';
import { FactEditor, type FactRig } from '@/features/rig/facts';
import { usePreferences } from '@/store';
import { BOLT_WORDS, capital, measure } from '@/text';
import { Button } from '@/ui';

/** The rig of a run as its facts are told: the card has its own copy, parts are not its matter. */
export function rigOf(run: Run, now: string): FactRig {
  return { model: run.model, rig: { id: run.rig, parts: {} }, house: run.card.house, now };
}

/** Bolts whose torque nobody told, asked for before anything is loosened; passed over they stay open, and the rig is not towed. */
export function MissingTorque({
  view,
  of,
  passed,
  onPass,
  onFact,
}: {
  view: FactRig;
  of: TorqueId;
  passed: boolean;
  onPass: () => void;
  onFact: (changes: Changes) => void;
}) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(false);
  const guess = torqueOf(view.model, of);
  const name = capital(BOLT_WORDS[of]);
  return (
    <div className="border-due grid justify-items-start gap-3 border-l-4 pl-4">
      <p>
        <strong>
          {name}:{' '}
          {guess
            ? `their torque is only a guess, ${measure(guess.value, 'torque', units)}.`
            : 'their torque is not known.'}
        </strong>{' '}
        {passed
          ? 'Skipped: it stays open as “torque not set”, and the rig is not to be towed until it is.'
          : 'It is in the maker’s manual. Find it now, not under the trailer.'}
      </p>
      {open ? (
        <div className="w-full">
          <FactEditor
            view={view}
            id={TORQUE_FACTS[of]}
            keep="Use it"
            canForget={false}
            onKeep={(changes) => {
              onFact(changes);
              setOpen(false);
            }}
          />
        </div>
      ) : (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setOpen(true)}>Enter the figure</Button>
          <Button aria-pressed={passed} look={passed ? 'primary' : 'plain'} onClick={onPass}>
            {passed ? 'Torque not set' : 'Start without it'}
          </Button>
        </div>
      )}
    </div>
  );
}

/** The torque of the bolts of the step in hand, where it is missing. */
export function RunTorque({
  run,
  of,
  now,
  onFact,
}: {
  run: Run;
  of: TorqueId;
  now: string;
  onFact: (changes: Changes) => void;
}) {
  return (
    <div className="border-due grid gap-3 border-l-4 pl-4">
      <p>
        <strong>{capital(BOLT_WORDS[of])}: their torque is not known.</strong> This step cannot be closed
        without it.
      </p>
      <FactEditor
        view={rigOf(run, now)}
        id={TORQUE_FACTS[of]}
        keep="Use it"
        canForget={false}
        onKeep={onFact}
      />
    </div>
  );
}
