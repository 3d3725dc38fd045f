'use client';

import type { YardState } from '@/core/log';
import { Ruled, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import Link from 'next/link';
import { count, dayAgo, entryWords, measure, partNamer, trendWords } from '@/text';
import { LinkButton, Mark } from '@/ui';
import { useWarnings } from './use-warnings';

const SHOWN = 4;

/** What this rig has behind it: its meters, and the last things that happened. */
export default function Lately({ view, state, now }: { view: RigView; state: YardState; now: string }) {
  const { units } = usePreferences();
  const { rig, model } = view;
  const partOf = partNamer(state, rig.id, units);
  const asked = useAsk('lately', { rig: rig.id, most: SHOWN });
  const recent = asked.status === 'ready' ? asked.answer : [];
  const warnings = useWarnings(view);
  return (
    <section aria-label="Recent" className="grid content-start gap-x-10 gap-y-6 xl:grid-cols-2">
      {warnings.length > 0 && (
        <div>
          <Ruled>Its readings say</Ruled>
          <ul>
            {warnings.map(({ place, trend }) => (
              <li key={`${place} ${trend.kind}`} className="border-line border-b">
                <Link
                  prefetch={false}
                  href={to('end', rig.id, { place })}
                  className="hover:bg-accent-wash/60 grid grid-cols-[auto_2.6rem_1fr] items-start gap-2 py-3"
                >
                  <span className="mt-1">
                    <Mark mark="due" size={18} />
                  </span>
                  <span className="figures text-lg font-semibold">{place}</span>
                  <span>{trendWords(trend, units, now).said.split(/(?<=[.:]) (?=[A-Z])/)[0]}</span>
                </Link>
              </li>
            ))}
          </ul>
        </div>
      )}
      <div>
        <Ruled
          aside={`${measure(rig.distance, 'distance', units)} on record${model.kind === 'boat' ? `, ${count(rig.launches, 'launch', 'launches')}` : ''}`}
        >
          Recent
        </Ruled>
        <ul>
          {recent.map((entry) => (
            <li key={entry.id} className="border-line grid grid-cols-[6.5rem_1fr] gap-3 border-b py-3">
              <span className="figures text-lg font-medium">{dayAgo(entry.happened, now)}</span>
              <span>{entryWords(entry, units, () => undefined, partOf).title}</span>
            </li>
          ))}
        </ul>
        <LinkButton look="quiet" className="mt-1 -ml-4" href={to('logbook', rig.id)}>
          Full logbook
        </LinkButton>
      </div>
    </section>
  );
}
