'use client';

import { SaveRaw } from '@/features/rigs';
import { useYard } from '@/store';
import { count, list } from '@/text';
import { Mark } from '@/ui';

/** Says so where something on this device cannot be read by this version; the rest of the yard stands. */
export function LostNote() {
  const { snapshot } = useYard();
  const lost = snapshot.status === 'ready' ? snapshot.lost : undefined;
  if (!lost) return null;
  const what = list([
    ...(lost.entries > 0 ? [count(lost.entries, 'log entry', 'log entries')] : []),
    ...(lost.cards > 0 ? [count(lost.cards, 'open card')] : []),
  ]);
  return (
    <div
      role="alert"
      className="border-due flex flex-wrap items-start gap-x-4 gap-y-2 border-b-2 px-4 py-3 md:px-8"
    >
      <span className="mt-0.5">
        <Mark mark="due" size={28} />
      </span>
      <div className="min-w-0 flex-1 basis-72">
        <p className="font-semibold">{what} on this device cannot be read</p>
        <p className="text-soft">
          The rest counts as it did, without what is in there. It stays on this device: a newer version may
          read it.
        </p>
        <p className="text-soft text-[0.92rem]">{lost.why}</p>
      </div>
      <SaveRaw />
    </div>
  );
}
