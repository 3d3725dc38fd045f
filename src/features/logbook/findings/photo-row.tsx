'use client';

import { PhotoOf } from '@/features/forms';
import { day } from '@/text';
import type { PhotoEntry } from '@/keeper/reads';

/** Pictures of one thing side by side, the oldest at the left. */
export function PhotoRow({ photos, now }: { photos: readonly PhotoEntry[]; now: string }) {
  return (
    <ul
      className="-mx-4 flex snap-x scroll-px-4 gap-3 overflow-x-auto px-4 pb-2 md:mx-0 md:px-0"
      tabIndex={0}
      aria-label="Photos, oldest first"
    >
      {photos.map((entry) => (
        <li key={entry.id} className="w-[16rem] shrink-0 snap-start md:w-[12.1rem]">
          <PhotoOf
            hash={entry.body.hash}
            alt={`${entry.body.note ?? 'As it was'}, ${day(entry.happened, now)}`}
            className="border-line aspect-4/3 w-full rounded-sheet border object-cover"
          />
          <p className="mt-1.5">
            <strong>{day(entry.happened, now)}</strong>
            {entry.body.note && <span className="text-soft">, {entry.body.note}</span>}
          </p>
        </li>
      ))}
    </ul>
  );
}
