'use client';

import { SaveRaw } from '@/features/rigs';
import { useYard } from '@/store';
import { count, list } from '@/text';
import { Button, Mark, reported, say } from '@/ui';

/** Says so where something on this device cannot be read by this version; the rest of the yard stands. */
export function LostNote() {
  const { store, snapshot } = useYard();
  const lost = snapshot.status === 'ready' ? snapshot.lost : undefined;
  if (!lost) return null;
  const withdraw = (entry: { readonly id: string; readonly rig: string }) =>
    store
      .send('withdraw', { entries: [entry], now: store.clock.now(), reason: 'it could not be read' })
      .then(() => say('Withdrew an entry that cannot be read'));
  const newer = lost.unread.length > 0 && lost.unread.every((one) => one.newer);
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
        <p className="font-semibold">
          {newer
            ? `${what} on this device came from a newer Yardline`
            : `${what} on this device cannot be read`}
        </p>
        <p className="text-soft">
          The rest counts as it did, without what is in there. It stays on this device
          {newer ? ' and goes along in an archive' : ''}: a newer version may read it.
        </p>
        {lost.unread.length === 0 && <p className="text-soft text-[0.92rem]">{lost.why}</p>}
        {lost.unread.length > 0 && (
          <details className="mt-1">
            <summary className="min-h-11 cursor-pointer py-2 underline underline-offset-4">
              Which {lost.unread.length === 1 ? 'one' : 'ones'}
            </summary>
            <ul>
              {lost.unread.map((one) => (
                <li
                  key={one.id}
                  className="border-line flex flex-wrap items-center gap-x-4 gap-y-1 border-b py-1.5"
                >
                  <span className="min-w-0 flex-1 basis-60 text-[0.92rem] wrap-anywhere">{one.why}</span>
                  {!one.newer && <Button onClick={() => reported(withdraw(one))}>Withdraw it</Button>}
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
      <SaveRaw />
    </div>
  );
}
