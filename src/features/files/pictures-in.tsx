'use client';

import { useState } from 'react';
import { photoEntry } from '@/core/record';
import type { Place } from '@/core/rig';
import { PhotoInHand, PlacePicker, useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import type { Photo } from '@/store';
import { count, photoWords } from '@/text';
import { useTaken } from './arrivals';
import { Button, Field, FieldError, FileButton, reported, Select } from '@/ui';

/** A picture ready to be added, and the file it came from. */
interface Taken {
  readonly name: string;
  readonly photo: Photo;
}

/** As long as the note of a picture may be. */
const LONGEST = 300;

/** Pictures from the device's own album: scaled down, without their place, and kept with a rig or one of its wheel ends. */
export function PicturesIn({
  rigs,
  arrived,
}: {
  rigs: readonly RigView[];
  /** Pictures that were shared to the application. */
  arrived: readonly File[];
}) {
  const record = useRecord();
  const [rig, setRig] = useState(rigs[0]?.rig.id ?? '');
  const [place, setPlace] = useState<Place>();
  const [note, setNote] = useState('');
  const [taken, setTaken] = useState<readonly Taken[]>([]);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const model = rigs.find((one) => one.rig.id === rig)?.model;

  const take = async (files: readonly File[]) => {
    setBusy(true);
    setProblems([]);
    try {
      const { takePhoto } = await import('@/store/photos');
      const wrong: string[] = [];
      const found = new Map(taken.map((one) => [one.photo.hash, one]));
      for (const file of files) {
        const photo = await takePhoto(file);
        if (!photo.ok) wrong.push(`${file.name}: ${photoWords(photo.error)}`);
        else if (!found.has(photo.value.hash))
          found.set(photo.value.hash, { name: file.name, photo: photo.value });
      }
      setProblems(wrong);
      setTaken([...found.values()]);
    } finally {
      setBusy(false);
    }
  };
  const add = async () => {
    const words = note.trim();
    await record(
      rig,
      taken.map(({ photo }) => photoEntry(photo, place ?? 'rig', words === '' ? {} : { note: words })),
      `${count(taken.length, 'photo')} added`,
      taken.map(({ photo }) => photo),
    );
    setTaken([]);
    setNote('');
  };
  useTaken(arrived, take);
  if (rigs.length === 0) return <p className="text-soft">Set up a rig first; photos are kept with it.</p>;
  return (
    <div className="grid gap-4">
      <p className="text-soft">
        Photos already on this device, or shared from its album. They are scaled down, and where they were
        taken is not kept.
      </p>
      <FileButton label="Choose photos" accept="image/*" several onFiles={(files) => reported(take(files))} />
      {busy && <p role="status">Scaling them down…</p>}
      {problems.map((words) => (
        <FieldError key={words}>{words}</FieldError>
      ))}
      {taken.length > 0 && model && (
        <div className="border-accent grid gap-3 border-l-4 pl-4">
          <ul className="flex flex-wrap gap-2.5">
            {taken.map((one) => (
              <li key={one.photo.hash} className="grid gap-1">
                <PhotoInHand photo={one.photo} alt={one.name} />
                <Button look="quiet" onClick={() => setTaken(taken.filter((other) => other !== one))}>
                  Leave it out
                </Button>
              </li>
            ))}
          </ul>
          <div className="grid items-end gap-3 sm:grid-cols-2">
            <Select
              label="Of"
              value={rig}
              onChange={(to) => {
                setRig(to);
                setPlace(undefined);
              }}
            >
              {rigs.map((one) => (
                <option key={one.rig.id} value={one.rig.id}>
                  {one.model.name}
                </option>
              ))}
            </Select>
            <PlacePicker
              model={model}
              value={place ?? ''}
              first="The whole trailer"
              label="Place"
              onChange={setPlace}
            />
          </div>
          <Field
            label="What it shows (optional)"
            value={note}
            maxLength={LONGEST}
            onChange={(event) => setNote(event.target.value)}
          />
          <div className="flex flex-wrap gap-2.5">
            <Button look="primary" onClick={() => reported(add())}>
              Add {count(taken.length, 'photo')} to the log
            </Button>
            <Button onClick={() => setTaken([])}>Cancel</Button>
          </div>
        </div>
      )}
    </div>
  );
}
