'use client';

import { X } from 'lucide-react';
import { missingMates, sideAsItIs, type Job } from '@/core/routine';
import { isWheelEnd } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { list, placeName, sideWords, workAt } from '@/text';
import { Button } from '@/ui';
import type { Jobs } from './use-jobs';

/** What the other side of each axle stands at, where one side alone is on the card. */
function OtherSides({ view, mates }: { view: RigView; mates: readonly Job[] }) {
  const { units } = usePreferences();
  const { rig, model, now } = view;
  return (
    <ul className="mt-1 grid gap-0.5">
      {mates.flatMap((job) =>
        isWheelEnd(job.place)
          ? [
              <li key={`${job.routine} ${job.place}`}>
                {sideWords(job.place, sideAsItIs(job, job.place, rig), model, units, now)}
              </li>,
            ]
          : [],
      )}
    </ul>
  );
}

/** The jobs on the card, each with a way off it, and the mates they should have across the axle. */
export function OnCard({ view, chosen }: { view: RigView; chosen: Jobs }) {
  const { jobs, drop, set } = chosen;
  const mates = missingMates(jobs, view.model, view.house);
  return (
    <>
      {jobs.length > 0 && (
        <ul aria-label="On the card" className="flex flex-wrap gap-2">
          {jobs.map((job) => {
            const name = `${workAt(job.routine, [job.place])}${job.with ? ` with ${job.with}` : ''}`;
            return (
              <li
                key={`${job.routine} ${job.place}`}
                className="border-ink inline-flex items-center rounded-sheet border-[1.5px] pl-3"
              >
                {name}
                <button
                  type="button"
                  className="grid size-11 place-items-center"
                  aria-label={`Off the card: ${name}`}
                  onClick={() => drop(job)}
                >
                  <X aria-hidden size={18} />
                </button>
              </li>
            );
          })}
        </ul>
      )}
      {mates.length > 0 && (
        <div className="border-soon border-l-4 pl-4">
          <p className="text-lg">
            <strong>This goes in axle pairs.</strong> Both sides of an axle are replaced together, or they
            pull and wear apart.
          </p>
          <OtherSides view={view} mates={mates} />
          <Button className="mt-2" onClick={() => set([...jobs, ...mates])}>
            Put {list(mates.map(({ place }) => placeName(place)))} on the card too
          </Button>
        </div>
      )}
    </>
  );
}
