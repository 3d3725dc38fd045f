'use client';

import type { EntryOf, FindingState } from '@/core/log';
import { decisionEntry } from '@/core/record';
import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { capital, findingWords } from '@/text';
import { Dialog, Select, SheetForm, TextArea } from '@/ui';

/** What the owner decides, and why: with a quote, against it, or without one. */
export function DecideDialog({
  view,
  finding,
  opinions,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  opinions: readonly EntryOf<'opinion'>[];
  onClose: () => void;
}) {
  const record = useRecord();
  const { units } = usePreferences();
  const form = useSheetForm('decide', finding.id, { opinion: '', decided: '', why: '' });
  const { opinion, decided, why } = form.values;
  const save = () =>
    form.submit(
      {
        decided: decided.trim() === '' ? 'Say what you decide.' : undefined,
        why: why.trim() === '' ? 'Say why: it is what you will want to know in a year.' : undefined,
      },
      async () => {
        const about = opinions.find(({ id }) => id === opinion);
        await record(
          view.rig.id,
          [decisionEntry(finding, { decided, why, opinion: about?.id })],
          'Decision logged',
          [],
          [form.key],
        );
        onClose();
      },
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title="What do you decide?"
      description={capital(findingWords(finding, units))}
    >
      <SheetForm save={save} label="Add it to the log">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        {opinions.length > 0 && (
          <Select label="It answers" value={opinion} onChange={(value) => form.set('opinion', value)}>
            <option value="">no one in particular</option>
            {opinions.map((one) => (
              <option key={one.id} value={one.id}>
                {one.body.who}: {one.body.said.slice(0, 60)}
              </option>
            ))}
          </Select>
        )}
        <TextArea label="What you decide" maxLength={500} {...form.field('decided')} />
        <TextArea label="Why" maxLength={500} {...form.field('why')} />
      </SheetForm>
    </Dialog>
  );
}
