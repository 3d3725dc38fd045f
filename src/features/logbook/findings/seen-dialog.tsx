'use client';

import { useState } from 'react';
import { seenEntries, seenVerdict } from '@/core/record';
import type { FindingState } from '@/core/log';
import type { Verdict } from '@/core/base';
import { PhotosKept, GradeChoice, SEVERITIES, TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { findingWords, capital } from '@/text';
import { Choice, Dialog, SheetForm, TextArea } from '@/ui';
import { usePreferences, type Photo } from '@/store';

type Severity = Exclude<Verdict, 'clear'>;

/** An open finding looked at again: as it was, worse, or better; side by side with how it looked before. */
export function SeenDialog({
  view,
  finding,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  onClose: () => void;
}) {
  const record = useRecord();
  const graded = finding.of && 'subject' in finding.of ? finding.of : undefined;
  const told: Severity = finding.reported ?? finding.verdict;
  const form = useSheetForm('seen', finding.id, {
    grade: graded?.grade ?? '',
    severity: told as string,
    text: '',
  });
  const { text } = form.values;
  const grade = form.values.grade || undefined;
  const severity = SEVERITIES.find(({ value }) => value === form.values.severity)?.value ?? told;
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const { units } = usePreferences();
  const verdict = seenVerdict(finding, { grade, severity }, view.house);
  const clear = verdict === 'clear';
  const save = async () => {
    await record(
      view.rig.id,
      seenEntries(finding, { grade, severity, note: text, photos }, view.house),
      clear ? 'Clear again, finding closed' : 'Seen again',
      photos,
      [form.key],
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Seen again" description={capital(findingWords(finding, units))}>
      <SheetForm save={save} label={clear ? 'It is clear: close the finding' : 'Log this check'}>
        <TakenUp since={form.since} onStartOver={form.startOver} />
        {graded ? (
          <GradeChoice
            subject={graded.subject}
            house={view.house}
            value={grade}
            onChange={(value) => form.set('grade', value)}
          />
        ) : (
          <Choice
            label="How bad, now"
            columns="grid-cols-1"
            options={SEVERITIES}
            value={severity}
            onChange={(value) => form.set('severity', value)}
          />
        )}
        <TextArea
          label="What changed, if anything"
          likely="finding"
          maxLength={300}
          {...form.field('text')}
        />
        <PhotosKept photos={photos} onChange={setPhotos} />
      </SheetForm>
    </Dialog>
  );
}
