import type { Gap } from '@/core/log';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { gapWords } from '@/text';
import { LinkButton, Mark } from '@/ui';

const SHOWN = 2;

/** Miles that a meter gained and no trip tells of: said, counted, and how they are explained. */
export function GapNotes({ rigs }: { rigs: readonly RigView[] }) {
  const { units } = usePreferences();
  const gaps = rigs
    .flatMap(({ rig, model, now }) => rig.gaps.map((gap: Gap) => ({ gap, rig, name: model.name, now })))
    .sort((a, b) => (a.gap.to > b.gap.to ? -1 : 1));
  if (gaps.length === 0) return null;
  return (
    <section aria-label="Miles not accounted for" className="border-soon mt-4 grid gap-2 border-l-4 pl-3">
      {gaps.slice(0, SHOWN).map(({ gap, rig, name, now }) => (
        <p key={gap.entry} className="flex flex-wrap items-center gap-x-3">
          <Mark mark="soon" />
          <span className="min-w-0 flex-1">{gapWords(gap, name, units, now)}</span>
          <LinkButton look="quiet" href={to('yard', rig.id)}>
            Log the trip
          </LinkButton>
        </p>
      ))}
      {gaps.length > SHOWN && <p className="text-soft">{gaps.length - SHOWN} more gaps like this.</p>}
    </section>
  );
}
