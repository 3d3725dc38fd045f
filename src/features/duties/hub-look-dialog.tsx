'use client';

import { useState } from 'react';
import { newId, usePreferences } from '@/store';
import { hubLookEntries } from '@/core/record';
import type { WheelEnd } from '@/core/rig';
import { axleAt, gradesOf, type Subject } from '@/core/rules';
import { markOfVerdict } from '@/core/base';
import { judgeGrade } from '@/core/judge';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { gradeWords, SUBJECT_WORDS } from '@/text';
import { Choice, Dialog, Mark, SheetForm } from '@/ui';

const SUBJECTS = ['rock', 'spin'] as const satisfies readonly Subject[];

/** The yearly look at a hub that stays shut: raised, rocked and spun, and written down. */
export function HubLookDialog({
  view,
  place,
  onClose,
}: {
  view: RigView;
  place: WheelEnd;
  onClose: () => void;
}) {
  const record = useRecord();
  const { units } = usePreferences();
  const [grades, setGrades] = useState<Partial<Record<Subject, string>>>({});
  const [tried, setTried] = useState(false);
  const brake = axleAt(view.model, place)?.brake;
  const braked = brake !== 'none';

  const save = async () => {
    setTried(true);
    const given = SUBJECTS.flatMap((subject) => {
      const grade = grades[subject];
      return grade ? [{ subject, grade }] : [];
    });
    if (given.length < SUBJECTS.length) return;
    await record(view.rig.id, hubLookEntries(place, given, { ...view, newId }), `Check of ${place} logged`);
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title={`Yearly check of ${place}`}
      description="This hub stays closed, and still gets a check once a year."
    >
      <SheetForm save={save} label="Log the check">
        <p className="border-soon border-l-4 pl-3">
          Chocks on the other side, jack under the frame, stand in place before hands go in. The tire just
          clears the ground.
        </p>
        {SUBJECTS.map((subject) => {
          const judged = judgeGrade(subject, grades[subject] ?? '', view.house, (other) => grades[other]);
          const verdict = judged?.verdict;
          return (
            <div key={subject}>
              <Choice
                label={SUBJECT_WORDS[subject].ask}
                columns="grid-cols-2"
                options={gradesOf(subject, braked).map((value) => ({
                  value,
                  label: gradeWords(subject, value, units),
                }))}
                value={grades[subject]}
                onChange={(value) => setGrades((before) => ({ ...before, [subject]: value }))}
                error={tried && !grades[subject] ? 'Choose what you felt or heard.' : undefined}
              />
              {verdict && (
                <p className="mt-2 flex items-center gap-2">
                  <Mark mark={markOfVerdict(verdict)} spoken />
                  {verdict === 'clear' ? 'Nothing to do.' : 'This opens a finding.'}
                </p>
              )}
            </div>
          );
        })}
      </SheetForm>
    </Dialog>
  );
}
