'use client';

import { useState } from 'react';
import type { FindingState } from '@/core/log';
import { gradeVerdict, type Verdict } from '@/core/rules';
import { GradeChoice, photoDraft, SEVERITIES, useRecord, type RigView } from '@/features/common';
import { gradeWords, SUBJECT_WORDS } from '@/text';
import { Choice, Dialog, SheetForm, TextArea } from '@/ui';
import type { Photo } from '@/store';
import { PhotosKept } from './photos-kept';

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
  const [grade, setGrade] = useState(graded?.grade);
  const [severity, setSeverity] = useState<Severity>(finding.told ?? finding.verdict);
  const [text, setText] = useState('');
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const byGrade = graded && grade ? gradeVerdict(graded.subject, grade, view.house) : undefined;
  const clear = byGrade === 'clear';
  const verdict = byGrade && byGrade !== 'clear' ? byGrade : severity;
  const save = async () => {
    const words = [
      ...(graded && grade
        ? [`${SUBJECT_WORDS[graded.subject].name}: ${gradeWords(graded.subject, grade)}`]
        : []),
      ...(text.trim() === '' ? [] : [text.trim()]),
    ].join('. ');
    const pictures = photos.map((photo) => photoDraft(photo, finding.place, { of: finding.id }));
    await record(
      view.rig.id,
      clear
        ? [
            {
              kind: 'finding.closed',
              body: { finding: finding.id, how: `Looked at again, clear. ${words}`.slice(0, 500) },
            },
            ...pictures,
          ]
        : [
            {
              kind: 'finding.seen',
              body: {
                finding: finding.id,
                verdict,
                ...(words !== '' && { text: words.slice(0, 500) }),
                ...(graded && grade && { of: { subject: graded.subject, grade } }),
              },
            },
            ...pictures,
          ],
      clear ? 'Clear again, finding closed' : 'Seen again',
      photos,
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Seen again" description={finding.text}>
      <SheetForm save={save} label={clear ? 'It is clear: close the finding' : 'Put the look on record'}>
        {graded ? (
          <GradeChoice subject={graded.subject} house={view.house} value={grade} onChange={setGrade} />
        ) : (
          <Choice
            label="How bad, now"
            columns="grid-cols-1"
            options={SEVERITIES}
            value={severity}
            onChange={setSeverity}
          />
        )}
        <TextArea
          label="What changed, if anything"
          maxLength={300}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <PhotosKept photos={photos} onChange={setPhotos} />
      </SheetForm>
    </Dialog>
  );
}
