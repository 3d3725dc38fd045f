import type { RigView } from '@/features/rigs';
import type { Place } from '@/core/rig';
import type { TroubleId } from '@/core/rules';
import { usePreferences } from '@/store';
import { recoveryLines } from '@/text/trouble';
import { Button, CopyButton, reported } from '@/ui';

/** What to tell whoever comes with a flatbed: to be read out, copied or shared. */
export function Recovery({
  view,
  trouble,
  place,
}: {
  view: RigView;
  trouble: TroubleId;
  place: Place | 'rig';
}) {
  const { units } = usePreferences();
  const lines = recoveryLines(view.model, trouble, place, units);
  const text = lines.join('\n');
  // Asked once it is shown: a server knows of no share sheet.
  const share = typeof navigator !== 'undefined' && 'share' in navigator;
  return (
    <section
      aria-label="Call for recovery"
      className="border-line bg-sheet grid gap-2 rounded-sheet border p-4"
    >
      <h2 className="text-2xl">Call for recovery: tell them</h2>
      <ul className="grid gap-1 text-lg">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2.5">
        <CopyButton label="Copy it" text={() => text} />
        {share && (
          <Button onClick={() => reported(navigator.share({ text }).catch(() => undefined))}>Share it</Button>
        )}
      </div>
    </section>
  );
}
