'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { markOfVerdict } from '@/core/base';
import { sparesOf, wheelEnds, type TirePlace } from '@/core/rig';
import { PhotoOf } from '@/features/forms';
import { PartRows, Ruled, type RigView } from '@/features/rigs';
import type { AnswerTo } from '@/keeper';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { day, entryWords, capital, findingWords } from '@/text';
import { Mark, RigPlan } from '@/ui';

/** What stands beside the readings of a place: where it is, what is fitted, found, photographed and done there. */
export function Aside({ view, place, log }: { view: RigView; place: TirePlace; log: AnswerTo<'place'> }) {
  const { units } = usePreferences();
  const router = useRouter();
  const { rig, model, now } = view;
  const { findings, photos, story } = log;
  return (
    <aside className="grid content-start gap-8">
      <div className="border-line bg-sheet rounded-sheet border p-3">
        <RigPlan
          model={model}
          heading="up"
          bare
          className="mx-auto max-w-52"
          chosen={[place]}
          choosable={[...wheelEnds(model), ...sparesOf(model)]}
          onChoose={(one) => router.push(to('end', rig.id, { place: one }))}
        />
      </div>
      <section aria-label="Installed here">
        <Ruled>Installed here</Ruled>
        <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 py-3">
          <PartRows view={view} place={place} />
        </dl>
      </section>
      <section aria-label="Findings here">
        <Ruled>Findings</Ruled>
        {findings.length === 0 && <p className="text-soft py-3">None on record.</p>}
        <ul>
          {findings.slice(0, 6).map(({ opened, open }) => (
            <li key={opened.id} className="border-line border-b">
              <Link
                prefetch={false}
                href={to('finding', rig.id, { id: opened.id })}
                className="hover:bg-accent-wash/60 flex min-h-11 gap-2.5 py-2"
              >
                <span className="mt-0.5">
                  <Mark mark={open ? markOfVerdict(open.verdict) : 'clear'} size={18} spoken />
                </span>
                <span>
                  {capital(findingWords(opened.body, units))}
                  <span className="text-soft block text-[0.92rem]">
                    {day(opened.happened, now)}
                    {open ? '' : ', closed'}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      {photos.length > 0 && (
        <section aria-label="Photos here">
          <Ruled>Photos</Ruled>
          <ul className="mt-3 grid grid-cols-2 gap-2">
            {photos.slice(-4).map((entry) => (
              <li key={entry.id}>
                <PhotoOf
                  hash={entry.body.hash}
                  alt={`${place}, ${day(entry.happened, now)}`}
                  className="aspect-4/3 w-full rounded-sheet object-cover"
                />
                <p className="text-soft text-[0.92rem]">{day(entry.happened, now)}</p>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Recent here">
        <Ruled>Recent here</Ruled>
        {story.length === 0 && <p className="text-soft py-3">Nothing on record yet.</p>}
        <ul>
          {story.map((entry) => (
            <li
              key={entry.id}
              className="border-line grid grid-cols-[4.4rem_minmax(0,1fr)] gap-2 border-b py-2"
            >
              <span className="text-soft">{day(entry.happened, now)}</span>
              {entryWords(entry, units, () => undefined).title}
            </li>
          ))}
        </ul>
        <Link
          prefetch={false}
          className="inline-block min-h-11 py-2 underline underline-offset-4"
          href={to('logbook', rig.id, { place })}
        >
          All of it in the Logbook
        </Link>
      </section>
    </aside>
  );
}
