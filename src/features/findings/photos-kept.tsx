'use client';

import { PhotoOf, PhotoTaker } from '@/features/common';
import type { Photo } from '@/store';
import { Button } from '@/ui';

/** Pictures taken for something about to be written down. */
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
              <PhotoOf hash={photo.hash} alt="Taken just now" className="h-24 rounded-sheet" />
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
