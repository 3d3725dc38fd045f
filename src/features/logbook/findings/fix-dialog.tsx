'use client';

import { useState } from 'react';
import { fixEntries } from '@/core/record';
import type { FindingState } from '@/core/log';
import { PhotosKept, TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { useAsk, usePreferences, type Photo } from '@/store';
import { day, entryWords, findingWords, capital } from '@/text';
import { Dialog, SheetForm, TextArea, Select } from '@/ui';

/** A finding closed: by which work, with what was done, and a picture as proof. */
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
  const { units } = usePreferences();
  const told = useAsk('finding', { rig: view.rig.id, id: finding.id });
  const works = told.status === 'ready' ? (told.answer?.works ?? []).slice(-5).reverse() : [];
  const title = (entry: (typeof works)[number]) => entryWords(entry, units, () => undefined).title;
  const form = useSheetForm('fix', finding.id, { work: '', how: '' });
  const { work, how } = form.values;
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const by = works.find(({ id }) => id === work);
  // What forbade towing is not closed by a tick: the part or the shop goes on record.
  const asked = finding.verdict === 'stop';
  const unsaid = how.trim() === '' && (asked || !by);
  const save = () =>
    form.submit(
      {
        how: unsaid
          ? asked
            ? 'It forbade towing: say what was replaced, or who did it.'
            : 'Say what was done: the record is your second opinion.'
          : undefined,
      },
      async () => {
        await record(
          view.rig.id,
          fixEntries(finding, how.trim(), by, photos, 'as it was left'),
          'Finding closed',
          photos,
          [form.key],
        );
        onClose();
      },
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title="Fixed, by what?"
      description={capital(findingWords(finding, units))}
    >
      <SheetForm save={save} label="Close the finding">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        {works.length > 0 && (
          <Select label="Fixed by" value={work} onChange={(value) => form.set('work', value)}>
            <option value="">Something else, described below</option>
            {works.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {title(entry)}, {day(entry.happened, view.now)}
              </option>
            ))}
          </Select>
        )}
        <TextArea
          likely="remedy"
          label={
            asked
              ? 'The part replaced, or the shop that did it'
              : by
                ? 'What else was done, if anything'
                : 'What was done'
          }
          maxLength={500}
          {...form.field('how')}
        />
        <PhotosKept photos={photos} onChange={setPhotos} />
      </SheetForm>
    </Dialog>
  );
}
