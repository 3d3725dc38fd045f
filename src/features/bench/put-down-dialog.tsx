'use client';

import { useState } from 'react';
import { cardEntries } from '@/core/record';
import type { RigState } from '@/core/log';
import { leaveRun, type Run } from '@/core/routine';
import { newId, useYard } from '@/store';
import { unstoredWords } from '@/text';
import { Button, Dialog, FieldError, TextArea, reported } from '@/ui';
import { chapterDraftKey, stepDraftKey } from './inputs';

const REASONS = [
  'Waiting for parts',
  'Waiting for weather',
  'Waiting for help',
  'It got dark',
  'Taking a break',
];

/** A card put down with something loose, up or out: parked with a reason, or left for good as not fit to tow. */
export function PutDownDialog({
  run,
  rig,
  onPark,
  onLeft,
  onClose,
}: {
  run: Run;
  rig: RigState | undefined;
  onPark: (reason: string) => void;
  onLeft: () => void;
  onClose: () => void;
}) {
  const { store } = useYard();
  const [leaving, setLeaving] = useState(false);
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string>();

  const leave = async () => {
    if (reason.trim() === '') return setProblem('Say why: it goes in the log.');
    const at = store.clock.now();
    const drafts = cardEntries({ run, rig, outcome: leaveRun(run, reason, at, rig), at, newId });
    try {
      await store.send('closeRun', {
        id: run.id,
        rig: run.rig,
        drafts,
        now: at,
        forms: [stepDraftKey(run.id), chapterDraftKey(run.id)],
      });
    } catch (error) {
      return setProblem(unstoredWords(error));
    }
    onLeft();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="Pause this job"
      description="The card stays at this step, on this device, for as long as it takes. Until it is closed the rig is not fit to tow."
    >
      <div className="grid gap-3">
        {REASONS.map((one) => (
          <Button key={one} size="lg" onClick={() => onPark(one)}>
            {one}
          </Button>
        ))}
      </div>
      <section className="border-line mt-6 border-t pt-4">
        {!leaving ? (
          <Button look="danger" className="w-full" onClick={() => setLeaving(true)}>
            Leave this card for good
          </Button>
        ) : (
          <div className="grid gap-3">
            <p className="text-lg">
              <strong>What is not done stays open, and the rig is not fit to tow.</strong> Finished places are
              logged; every other one gets a finding that says why, until it is put right.
            </p>
            <TextArea
              label="Why it is left"
              likely="reason"
              maxLength={300}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
            {problem && <FieldError>{problem}</FieldError>}
            <Button look="danger" size="lg" onClick={() => reported(leave())}>
              Leave it: not fit to tow
            </Button>
          </div>
        )}
      </section>
    </Dialog>
  );
}
