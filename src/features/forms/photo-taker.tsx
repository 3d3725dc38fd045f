'use client';

import { Camera, ImagePlus } from 'lucide-react';
import { useId, useState } from 'react';
import type { Photo } from '@/store';
import { photoWords, unstoredPhotoWords } from '@/text';
import { Button, FieldError, reported } from '@/ui';

const LOOK =
  'border-ink bg-sheet hover:bg-accent-wash inline-flex min-h-12 cursor-pointer items-center gap-2 rounded-sheet border-[1.5px] px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-accent';

/** A picture taken or chosen: scaled down, without place or camera. What is no picture is told, and nothing is lost. */
export function PhotoTaker({ onPhoto }: { onPhoto: (photo: Photo) => void | Promise<void> }) {
  const id = useId();
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<string>();
  /** One that the device did not store: still in hand. */
  const [held, setHeld] = useState<Photo>();
  const keep = async (photo: Photo) => {
    setHeld(undefined);
    setError(undefined);
    try {
      await onPhoto(photo);
    } catch (problem) {
      setHeld(photo);
      setError(unstoredPhotoWords(problem));
    }
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setError(undefined);
    try {
      // Drawing pictures is fetched when the first one is taken.
      const { takePhoto } = await import('@/store/photos');
      const photo = await takePhoto(file);
      if (photo.ok) await keep(photo.value);
      else setError(photoWords(photo.error));
    } finally {
      setBusy(false);
    }
  };
  const input = (name: string, camera: boolean) => (
    <input
      id={`${id}-${name}`}
      type="file"
      accept="image/*"
      {...(camera && { capture: 'environment' as const })}
      className="sr-only"
      onChange={(event) => {
        reported(take(event.target.files?.[0]));
        // The same file can be chosen again.
        event.target.value = '';
      }}
    />
  );
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-2.5">
        <label htmlFor={`${id}-take`} className={LOOK}>
          <Camera aria-hidden size={20} />
          Take a photo
          {input('take', true)}
        </label>
        <label htmlFor={`${id}-choose`} className={LOOK}>
          <ImagePlus aria-hidden size={20} />
          Choose one
          {input('choose', false)}
        </label>
      </div>
      {busy && <p role="status">Scaling it down…</p>}
      {error && <FieldError>{error}</FieldError>}
      {held && (
        <div>
          <Button onClick={() => reported(keep(held))}>Try again</Button>
        </div>
      )}
    </div>
  );
}
