'use client';

import { useState } from 'react';
import { reportEntries } from '@/core/record';
import { placesOf, type Place } from '@/core/rig';
import { isLook } from '@/core/rules';
import { PhotosKept, PlacePicker, SEVERITIES, TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { newId, type Photo } from '@/store';
import { routineTitle } from '@/text';
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
    verdict: '',
    text: '',
    remedy: '',
  });
  const { values } = form;
  const at = placesOf(view.model).find((one) => one === values.at) ?? 'rig';
  const verdict = SEVERITIES.find(({ value }) => value === values.verdict)?.value;
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const cures = view.duties.flatMap(({ place: where, routine }) =>
    where === at && routine !== 'lug-recheck' && !isLook(routine) ? [routine] : [],
  );
  const remedy = cures.find((routine) => routine === values.remedy);
  const text = values.text.trim();

  const save = () =>
    form.submit(
      {
        text: text === '' ? 'Say what it is, in your own words.' : undefined,
        verdict: verdict ? undefined : 'Choose how bad it is: it decides whether the rig may be towed.',
      },
      async () => {
        if (!verdict) return;
        await record(
          view.rig.id,
          reportEntries({ place: at, verdict, text, ...(remedy && { remedy }) }, photos, view.rig, newId),
          'Finding opened',
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
      title="Something is not right"
      description="Seen, heard, felt or measured. It stays open until it is fixed."
    >
      <SheetForm save={save} label="Open the finding">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <WherePicker view={view} at={at} onChange={(place) => form.set('at', place)} />
        <TextArea label="What" likely="finding" maxLength={500} {...form.field('text')} />
        <Choice
          label="How bad"
          columns="grid-cols-1"
          options={SEVERITIES}
          value={verdict}
          onChange={(value) => form.set('verdict', value)}
          error={form.error('verdict')}
        />
        <PhotosKept photos={photos} onChange={setPhotos} />
        {cures.length > 0 && (
          <Select
            label="Work that would put it right"
            value={remedy ?? ''}
            onChange={(value) => form.set('remedy', value)}
          >
            <option value="">Not known yet</option>
            {cures.map((routine) => (
              <option key={routine} value={routine}>
                {routineTitle(routine, [at])}
              </option>
            ))}
          </Select>
        )}
      </SheetForm>
    </Dialog>
  );
}
