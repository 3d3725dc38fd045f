'use client';

import type { FindingState } from '@/core/log';
import { needlessEntry } from '@/core/record';
import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { capital, findingWords } from '@/text';
import { Dialog, SheetForm, TextArea } from '@/ui';

/** Looked into, and nothing is to be done: closed with the reason, not as fixed. */
export function NeedlessDialog({
  view,
  finding,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  onClose: () => void;
}) {
  const record = useRecord();
  const { units } = usePreferences();
  const form = useSheetForm('needless', finding.id, { why: '' });
  const { why } = form.values;
  const save = () =>
    form.submit(
      { why: why.trim() === '' ? 'Say why nothing is to be done: it closes on your word.' : undefined },
      async () => {
        await record(view.rig.id, [needlessEntry(finding, why)], 'Closed: not needed', [], [form.key]);
        onClose();
      },
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title="Looked into, not needed"
      description={capital(findingWords(finding, units))}
    >
      <SheetForm save={save} label="Close it with this reason">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        {finding.verdict === 'stop' && (
          <p className="border-stop border-l-4 pl-4">
            <strong>This forbids towing.</strong> Close it only where it turned out to be something else, and
            say what.
          </p>
        )}
        <TextArea
          label="What was looked into, and why nothing is to be done"
          maxLength={500}
          {...form.field('why')}
        />
      </SheetForm>
    </Dialog>
  );
}
