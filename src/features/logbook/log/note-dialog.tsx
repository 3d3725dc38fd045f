'use client';

import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { Dialog, SheetForm, TextArea } from '@/ui';

/** Words kept with a rig. */
export function NoteDialog({ rig, name, onClose }: { rig: string; name: string; onClose: () => void }) {
  const record = useRecord();
  const form = useSheetForm('note', rig, { text: '' });
  const text = form.values.text.trim();
  const save = () =>
    form.submit({ text: text === '' ? 'There is nothing in it yet.' : undefined }, async () => {
      await record(rig, [{ kind: 'note', body: { text } }], 'Note saved', [], [form.key]);
      onClose();
    });
  return (
    <Dialog open onClose={onClose} title="A note" description={`Kept with ${name}.`}>
      <SheetForm save={save} label="Save it">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <TextArea label="Note" likely="note" rows={5} maxLength={2000} {...form.field('text')} />
      </SheetForm>
    </Dialog>
  );
}
