'use client';

import { useCallback } from 'react';
import { PhotoTaker } from './photo-taker';
import type { Photo } from '@/store';
import { Button } from '@/ui';

/** A picture that is in hand and not written down yet. */
export function PhotoInHand({ photo, alt = 'Taken just now' }: { photo: Photo; alt?: string }) {
  const show = useCallback(
    (img: HTMLImageElement | null) => {
      if (!img) return;
      img.src = URL.createObjectURL(photo.blob);
      return () => URL.revokeObjectURL(img.src);
    },
    [photo],
  );
  // The picture lies in this browser: there is nothing for a server to make smaller.
  // eslint-disable-next-line @next/next/no-img-element
  return <img ref={show} alt={alt} className="h-24 rounded-sheet" />;
}

/** Pictures taken for something about to be written down; they are kept with it. */
export function PhotosKept({
  photos,
  onChange,
}: {
  photos: readonly Photo[];
  onChange: (photos: readonly Photo[]) => void;
}) {
  return (
    <fieldset className="grid min-w-0 gap-2">
      <legend className="mb-1.5 font-semibold">Photos</legend>
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {photos.map((photo) => (
            <li key={photo.hash} className="grid gap-1">
              <PhotoInHand photo={photo} />
              <Button look="quiet" onClick={() => onChange(photos.filter((one) => one !== photo))}>
                Drop
              </Button>
            </li>
          ))}
        </ul>
      )}
      <PhotoTaker
        onPhoto={(photo) => {
          if (photos.every(({ hash }) => hash !== photo.hash)) onChange([...photos, photo]);
        }}
      />
      <p className="text-soft text-[0.92rem]">
        Kept on this device and in your archive. Where it was taken is not kept.
      </p>
    </fieldset>
  );
}
