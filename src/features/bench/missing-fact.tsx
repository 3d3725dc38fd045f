'use client';

import { useState } from 'react';
import { axleOf, type Changes, type FactId, type WheelEnd } from '@/core/rig';
import type { Run } from '@/core/routine';
import { FactEditor, factLead, type FactRig } from '@/features/rig/facts';
import { usePreferences } from '@/store';
import { FACT_WORDS, torqueSpec } from '@/text';
import { Button } from '@/ui';
import { rigOf } from './missing-torque';

/** Thread pitch and slots, asked for where end play needs them. */
export function MissingPitch({
  run,
  place,
  now,
  onFact,
}: {
  run: Run;
  place: WheelEnd;
  now: string;
  onFact: (changes: Changes) => void;
}) {
  const [open, setOpen] = useState(false);
  const axle = run.model.axles[axleOf(place)];
  const id: FactId = axle?.threadPitch ? 'slots' : 'threadPitch';
  return (
    <div className="border-soon border-l-4 pl-4">
      <p>
        <strong>End play cannot be computed:</strong> the{' '}
        {id === 'threadPitch' ? 'thread pitch' : 'number of slots'} of this spindle is not known. Judge by
        feel: no rock, free to turn.
      </p>
      {!open ? (
        <Button className="mt-2" onClick={() => setOpen(true)}>
          Enter it now
        </Button>
      ) : (
        <div className="mt-3">
          {/* Axles are mostly alike: told for all of them unless its owner says which. */}
          <FactEditor key={id} view={rigOf(run, now)} id={id} keep="Use it" onKeep={onFact} />
        </div>
      )}
    </div>
  );
}

/** A guessed torque asks before it is worked to. */
export function GuessedTorque({
  view,
  agreed,
  onAgree,
  onFact,
}: {
  view: FactRig;
  agreed: boolean;
  onAgree: () => void;
  onFact: (changes: Changes) => void;
}) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(false);
  return (
    <div className="border-due grid gap-3 border-l-4 pl-4">
      <p>
        <strong>The lug torque is only a guess: {torqueSpec(view.model, units)}.</strong> Look it up now, or
        work to the guess knowingly: each wheel then stays on the Yard as “torque to figure” until it is done.
      </p>
      {open ? (
        <FactEditor view={view} id="torque" keep="Use it" canForget={false} onKeep={onFact} />
      ) : (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setOpen(true)}>Enter the figure</Button>
          <Button aria-pressed={agreed} look={agreed ? 'primary' : 'plain'} onClick={onAgree}>
            {agreed ? 'Working to the guess' : 'Work to the guess'}
          </Button>
        </div>
      )}
    </div>
  );
}

/** By the anti-seize school, while the lowered torque is not known: the card wipes threads dry, and says what it would take. */
export function AntiSeizeWaits({ view, onFact }: { view: FactRig; onFact: (changes: Changes) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="border-soon grid justify-items-start gap-3 border-l-4 pl-4">
      <p>
        <strong>No anti-seize this time.</strong> It needs its maker&apos;s lowered torque, which is not known
        yet. Until then threads are wiped dry and take the dry figure.
      </p>
      {open ? (
        <FactEditor view={view} id="treatedTorque" keep="Use it" canForget={false} onKeep={onFact} />
      ) : (
        <Button onClick={() => setOpen(true)}>Enter the lowered torque</Button>
      )}
    </div>
  );
}

/** By the anti-seize school, where a maker forbids it. */
export function AntiSeizeRefused() {
  return (
    <p className="border-soon border-l-4 pl-4">
      <strong>No anti-seize on this rig.</strong> Its wheel or axle maker forbids it, and a maker outranks
      your house rule: threads are wiped dry and take the dry figure.
    </p>
  );
}

/** Hubs that are opened and packed: what else there is does not come to this step. */
const OPENED = ['plain', 'drilled', 'pressure-cap'];

/** What is seen once the cap is off: how the hub is built, and what locks its nut; the card goes on by it. */
export function SeenHub({
  run,
  place,
  now,
  onFact,
}: {
  run: Run;
  place: WheelEnd;
  now: string;
  onFact: (changes: Changes) => void;
}) {
  const { units } = usePreferences();
  const index = axleOf(place);
  const id: FactId = run.model.axles[index]?.hub === undefined ? 'hub' : 'lock';
  return (
    <div className="border-soon grid gap-4 border-l-4 pl-4">
      <p className="font-semibold">{factLead(id, units)}</p>
      <FactEditor
        key={id}
        view={rigOf(run, now)}
        id={id}
        axle={index}
        keep="Use it"
        canForget={false}
        {...(id === 'hub' && { only: OPENED })}
        onKeep={onFact}
      />
    </div>
  );
}

/** What has to be known of an axle before its hub is opened, asked for one by one. */
export function MissingAxleFact({
  view,
  place,
  id,
  onFact,
}: {
  view: FactRig;
  place: WheelEnd;
  id: FactId;
  onFact: (changes: Changes) => void;
}) {
  const { units } = usePreferences();
  return (
    <div className="border-due grid gap-4 border-l-4 pl-4">
      <p>
        <strong>
          Before {place} is opened: {FACT_WORDS[id].label.toLowerCase()}?
        </strong>{' '}
        {factLead(id, units)}
      </p>
      <FactEditor
        key={`${id} ${place}`}
        view={view}
        id={id}
        axle={axleOf(place)}
        keep="Use it"
        onKeep={onFact}
      />
    </div>
  );
}
