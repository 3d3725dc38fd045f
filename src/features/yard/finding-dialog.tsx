'use client';

import { useState } from 'react';
import type { WheelEnd } from '@/core/rig';
import type { FindingState } from '@/core/log';
import { SEVERITIES, useRecord, type RigView } from '@/features/common';
import { Choice, Dialog, SheetForm, TextArea } from '@/ui';

/** Something that is not right, reported at a place. */
export function FindingDialog({
  view,
  place,
  onClose,
}: {
  view: RigView;
  place: WheelEnd | 'rig';
  onClose: () => void;
}) {
  const record = useRecord();
  const [at, setAt] = useState<WheelEnd | 'rig'>(place);
  const [verdict, setVerdict] = useState<'watch' | 'due' | 'stop'>();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);

  const save = async () => {
    setTried(true);
    if (!verdict || text.trim() === '') return;
    await record(
      view.rig.id,
      [{ kind: 'finding.opened', body: { place: at, verdict, text: text.trim() } }],
      'Finding opened',
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="Something is not right"
      description="Seen, heard, felt or measured. It stays open until it is fixed."
    >
      <SheetForm save={() => void save()} label="Open the finding">
        <Choice
          label="Where"
          columns="grid-cols-3"
          options={[
            ...view.places.map((state) => ({ value: state.place as WheelEnd | 'rig', label: state.place })),
            { value: 'rig' as const, label: 'Elsewhere' },
          ]}
          value={at}
          onChange={setAt}
        />
        <TextArea
          label="What"
          maxLength={500}
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={tried && text.trim() === '' ? 'Say what it is, in your own words.' : undefined}
        />
        <Choice
          label="How bad"
          columns="grid-cols-1"
          options={SEVERITIES}
          value={verdict}
          onChange={setVerdict}
          error={
            tried && !verdict ? 'Choose how bad it is: it decides whether the rig may be towed.' : undefined
          }
        />
      </SheetForm>
    </Dialog>
  );
}

/** A finding closed, with what was done about it. */
export function FixDialog({
  view,
  finding,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  onClose: () => void;
}) {
  const record = useRecord();
  const [how, setHow] = useState('');
  const [tried, setTried] = useState(false);
  const save = async () => {
    setTried(true);
    if (how.trim() === '') return;
    await record(
      view.rig.id,
      [{ kind: 'finding.closed', body: { finding: finding.id, how: how.trim() } }],
      'Finding closed',
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Fixed" description={finding.text}>
      <SheetForm save={() => void save()} label="Close the finding">
        <TextArea
          label="What was done"
          maxLength={500}
          value={how}
          onChange={(event) => setHow(event.target.value)}
          error={
            tried && how.trim() === '' ? 'Say what was done: the record is your second opinion.' : undefined
          }
        />
      </SheetForm>
    </Dialog>
  );
}
