'use client';

import { useState } from 'react';
import { useRecord } from '@/features/forms';
import { Dialog, SheetForm, TextArea, reported } from '@/ui';

/** Words kept with a rig. */
export function NoteDialog({ rig, name, onClose }: { rig: string; name: string; onClose: () => void }) {
  const record = useRecord();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const save = () => {
    setTried(true);
    if (text.trim() === '') return;
    reported(record(rig, [{ kind: 'note', body: { text: text.trim() } }], 'Note kept').then(onClose));
  };
  return (
    <Dialog open onClose={onClose} title="A note" description={`Kept with ${name}.`}>
      <SheetForm save={save} label="Keep it">
        <TextArea
          label="Note"
          rows={5}
          maxLength={2000}
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={tried && text.trim() === '' ? 'There is nothing in it yet.' : undefined}
        />
      </SheetForm>
    </Dialog>
  );
}
