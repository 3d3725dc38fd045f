'use client';

import { partAt } from '@/core/log';
import type { PartKind, Place } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { partName, placeName, placeWords } from '@/text';
import { Mark } from '@/ui';
import { rolledWords } from './part-sheet';

/** What lies open over the list: a part, or a place where one is put on record. */
export type Open =
  | { readonly show: 'part'; readonly part: string }
  | { readonly show: 'fit'; readonly place: Place | 'shelf' };

/** The places for a kind of part, each with what sits there and how far it has rolled. */
export function PartList({
  view,
  kind,
  slots,
  onOpen,
}: {
  view: RigView;
  kind: PartKind;
  slots: readonly Place[];
  onOpen: (open: Open) => void;
}) {
  const { units } = usePreferences();
  const { rig, model } = view;
  return (
    <ul>
      {slots.map((place) => {
        const part = partAt(rig, kind, place);
        const far = part && rolledWords(view, part, units);
        return (
          <li key={place} className="border-line border-b">
            <button
              type="button"
              onClick={() => onOpen(part ? { show: 'part', part: part.id } : { show: 'fit', place })}
              className="hover:bg-accent-wash/60 grid min-h-14 w-full grid-cols-[minmax(3rem,auto)_minmax(0,1fr)_auto] items-center gap-x-4 px-1 py-2 text-left leading-snug"
            >
              <span className="figures text-xl font-semibold">{placeName(place)}</span>
              <span className="min-w-0">
                {part ? (
                  <span className="font-medium">{partName(part, units)}</span>
                ) : (
                  <span className="text-unknown flex items-center gap-2">
                    <Mark mark="unknown" size={17} /> not on record
                  </span>
                )}
                <span className="text-soft block text-[0.92rem]">
                  {placeWords(place, model)}
                  {far ? `, rolled ${far}` : ''}
                </span>
              </span>
              <span className="text-soft underline underline-offset-4">
                {part ? 'Open' : 'Add to the log'}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
