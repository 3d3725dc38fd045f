'use client';

import { useState } from 'react';
import { reportEntries } from '@/core/record';
import { placesOf, type Place } from '@/core/rig';
import { isLook } from '@/core/rules';
import { PlacePicker, SEVERITIES, useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { newId, type Photo } from '@/store';
import { routineTitle } from '@/text';
import { Choice, Dialog, RigPlan, SheetForm, TextArea, Select } from '@/ui';
import { PhotosKept } from './photos-kept';

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
  const [at, setAt] = useState<Place | 'rig'>(place);
  const [verdict, setVerdict] = useState<'watch' | 'due' | 'stop'>();
  const [text, setText] = useState('');
  const [cure, setCure] = useState('');
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [tried, setTried] = useState(false);
  const cures = view.duties.flatMap(({ place: where, routine }) =>
    where === at && routine !== 'lug-recheck' && !isLook(routine) ? [routine] : [],
  );
  const remedy = cures.find((routine) => routine === cure);

  const save = async () => {
    setTried(true);
    if (!verdict || text.trim() === '') return;
    await record(
      view.rig.id,
      reportEntries(
        { place: at, verdict, text: text.trim(), ...(remedy && { remedy }) },
        photos,
        view.rig,
        newId,
      ),
      'Finding opened',
      photos,
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="Something is not right"
      description="Seen, heard, felt or measured. It stays open until it is fixed."
    >
      <SheetForm save={save} label="Open the finding">
        <WherePicker view={view} at={at} onChange={setAt} />
        <TextArea
          label="What"
          maxLength={500}
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={tried && text.trim() === '' ? 'Say what it is, in your own words.' : undefined}
        />
        <Choice
          label="How bad"
          columns="grid-cols-1"
          options={SEVERITIES}
          value={verdict}
          onChange={setVerdict}
          error={
            tried && !verdict ? 'Choose how bad it is: it decides whether the rig may be towed.' : undefined
          }
        />
        <PhotosKept photos={photos} onChange={setPhotos} />
        {cures.length > 0 && (
          <Select label="Work that would put it right" value={remedy ?? ''} onChange={setCure}>
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
