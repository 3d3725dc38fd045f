'use client';

import { beforeFirstTow, roundOf, seasonLists, type Duty } from '@/core/duty';
import type { Job } from '@/core/routine';
import type { WorkId } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { count, roundName, SEASON_WORDS } from '@/text';
import { Button } from '@/ui';
import { canBeDone } from './jobs-url';

const PRESSING: ReadonlySet<Duty['verdict']> = new Set(['due', 'overdue', 'unknown']);

/** Without what other work of the same list does by the way. */
const alone = (duties: readonly Duty[]) => duties.filter(({ within }) => !within);

/** The duties that have a card, as jobs. */
function jobsOf({ model, house }: RigView, duties: readonly Duty[]): readonly Job[] {
  return duties
    .filter(({ routine, place }) => canBeDone(model, house, routine as WorkId, place))
    .map(({ routine, place }) => ({ routine: routine as WorkId, place }));
}

/** Work that is taken up together: what is due now, and what the time of the year asks for. */
export function Bundles({ view, onChoose }: { view: RigView; onChoose: (jobs: readonly Job[]) => void }) {
  const { units } = usePreferences();
  const { duties, season, model, house, rig, now } = view;
  const due = jobsOf(view, alone(duties.filter(({ verdict }) => PRESSING.has(verdict))));
  const chapters = season ? seasonLists(duties, { model, house, season }, now) : [];
  const bundles = [
    // Of fifty things that have no record, the ones that matter come first.
    ...(rig.trips === 0
      ? [{ name: 'Before the first tow', jobs: jobsOf(view, beforeFirstTow(duties)) }]
      : []),
    { name: 'What is due now', jobs: due },
    { name: `The ${roundName(units)}`, jobs: jobsOf(view, roundOf(duties, { model, house, season })) },
    ...chapters.map(({ time, items }) => ({
      name: SEASON_WORDS[time],
      jobs: jobsOf(
        view,
        alone(items.flatMap((item) => item.duties.filter((duty) => !item.done.includes(duty)))),
      ),
    })),
  ].filter(({ jobs }) => jobs.length > 0);
  if (bundles.length === 0) return null;
  return (
    <div role="group" aria-label="Done together" className="mt-4 flex flex-wrap gap-2.5">
      {bundles.map(({ name, jobs }) => (
        <Button key={name} onClick={() => onChoose(jobs)}>
          {name} <span className="text-soft font-normal">{count(jobs.length, 'job')}</span>
        </Button>
      ))}
    </div>
  );
}
