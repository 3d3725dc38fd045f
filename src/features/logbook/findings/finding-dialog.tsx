'use client';

import { useState } from 'react';
import { worksAt } from '@/core/judge';
import { gradedFound, reportEntries } from '@/core/record';
import { placesOf, type Place } from '@/core/rig';
import { axleAt } from '@/core/rules';
import { subjectsAt } from '@/core/road';
import {
  GradeChoice,
  PhotosKept,
  PlacePicker,
  SEVERITIES,
  TakenUp,
  useRecord,
  useSheetForm,
} from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { newId, type Photo } from '@/store';
import { capital, SUBJECT_WORDS, workAt } from '@/text';
import { Choice, Dialog, RigPlan, SheetForm, TextArea, Select } from '@/ui';

/** Where on the rig: tapped on its drawing, or taken from the list of its places. */
function WherePicker({
  view,
  at,
  onChange,
}: {
  view: RigView;
  at: Place | 'rig';
  onChange: (place: Place | 'rig') => void;
}) {
  const { model } = view;
  const places = placesOf(model);
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1.5 font-semibold">Where</legend>
      <div className="border-line bg-sheet rounded-sheet border px-3 py-2">
        <RigPlan
          model={model}
          heading="up"
          className="mx-auto max-w-88"
          choosable={places}
          chosen={at === 'rig' ? [] : [at]}
          onChoose={onChange}
        />
      </div>
      <div className="mt-2 flex">
        <PlacePicker
          model={model}
          value={at === 'rig' ? '' : at}
          first="The whole rig"
          label="Place on the rig"
          onChange={(place) => onChange(place ?? 'rig')}
        />
      </div>
    </fieldset>
  );
}

/** Something that is not right, reported at a place. */
export function FindingDialog({
  view,
  place,
  onClose,
}: {
  view: RigView;
  place: Place | 'rig';
  onClose: () => void;
}) {
  const record = useRecord();
  const form = useSheetForm('finding', view.rig.id, {
    at: place as string,
    subject: '',
    grade: '',
    verdict: '',
    text: '',
    remedy: '',
  });
  const { values } = form;
  const { model, house } = view;
  const at = placesOf(view.model).find((one) => one === values.at) ?? 'rig';
  const verdict = SEVERITIES.find(({ value }) => value === values.verdict)?.value;
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const subjects = subjectsAt(model, at);
  const subject = subjects.find((one) => one === values.subject);
  const cures = worksAt(at, view);
  const remedy = cures.find((work) => work === values.remedy);
  const text = values.text.trim();
  const graded = subject && gradedFound(at, { subject, grade: values.grade, note: text }, view);
  const found =
    graded ?? (!subject && verdict ? { place: at, verdict, text, ...(remedy && { remedy }) } : undefined);

  const save = () =>
    form.submit(
      subject
        ? { grade: graded ? undefined : 'Choose how it looks: it decides whether the rig may be towed.' }
        : {
            text: text === '' ? 'Say what it is, in your own words.' : undefined,
            verdict: verdict ? undefined : 'Choose how bad it is: it decides whether the rig may be towed.',
          },
      async () => {
        if (!found) return;
        await record(view.rig.id, reportEntries(found, photos, view.rig, newId), 'Finding opened', photos, [
          form.key,
        ]);
        onClose();
      },
    );

  return (
    <Dialog
      open
      onClose={onClose}
      title="Something is not right"
      description="Seen, heard, felt or measured. It stays open until it is fixed."
    >
      <SheetForm save={save} label="Open the finding">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <WherePicker view={view} at={at} onChange={(place) => form.set('at', place)} />
        <Select
          label="What it is about"
          value={subject ?? ''}
          onChange={(value) => {
            form.set('subject', value);
            form.set('grade', '');
          }}
        >
          <option value="">Something else, in your own words</option>
          {subjects.map((one) => (
            <option key={one} value={one}>
              {capital(SUBJECT_WORDS[one].name)}
            </option>
          ))}
        </Select>
        {!subject && <TextArea label="What" likely="finding" maxLength={500} {...form.field('text')} />}
        {subject ? (
          <GradeChoice
            subject={subject}
            worseOnly
            house={house}
            braked={axleAt(model, at)?.brake !== 'none'}
            value={values.grade || undefined}
            onChange={(grade) => form.set('grade', grade)}
            error={form.error('grade')}
          />
        ) : (
          <Choice
            label="How bad"
            columns="grid-cols-1"
            options={SEVERITIES}
            value={verdict}
            onChange={(value) => form.set('verdict', value)}
            error={form.error('verdict')}
          />
        )}
        {subject && (
          <TextArea
            label="In your words, if you like"
            likely="finding"
            maxLength={500}
            {...form.field('text')}
          />
        )}
        <PhotosKept photos={photos} onChange={setPhotos} />
        {!subject && cures.length > 0 && (
          <Select
            label="Work that would put it right"
            value={remedy ?? ''}
            onChange={(value) => form.set('remedy', value)}
          >
            <option value="">Not known yet</option>
            {cures.map((routine) => (
              <option key={routine} value={routine}>
                {capital(workAt(routine, [at]))}
              </option>
            ))}
          </Select>
        )}
      </SheetForm>
    </Dialog>
  );
}
