'use client';

import { useState } from 'react';
import { seenEntries, seenVerdict } from '@/core/record';
import type { FindingState } from '@/core/log';
import { type Verdict } from '@/core/rules';
import { GradeChoice, SEVERITIES, useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { findingWords, capital } from '@/text';
import { Choice, Dialog, SheetForm, TextArea } from '@/ui';
import { usePreferences, type Photo } from '@/store';
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
  const [severity, setSeverity] = useState<Severity>(finding.reported ?? finding.verdict);
  const [text, setText] = useState('');
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
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Seen again" description={capital(findingWords(finding, units))}>
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
