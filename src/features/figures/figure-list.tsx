'use client';

import Link from 'next/link';
import { useState } from 'react';
import { FIGURE_IDS, type FigureId } from '@/core/figures';
import { RigTabs, Ruled, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { sought } from '@/text';
import { FIGURE_WORDS } from '@/text/figures';
import { suggested } from './suggest';

function Row({ id, rig }: { id: FigureId; rig: string | undefined }) {
  const { title, answers } = FIGURE_WORDS[id];
  return (
    <li className="border-line border-b">
      <Link
        prefetch={false}
        href={to('figures', rig, { of: id })}
        className="hover:bg-accent-wash/60 grid min-h-14 content-center py-2"
      >
        <span className="text-lg leading-snug font-semibold">{answers}</span>
        <span className="text-soft text-[0.92rem]">{title}</span>
      </Link>
    </li>
  );
}

/** What is found out from a part rather than worked out has its own page. */
const IDENTIFY: readonly (readonly [by: string, answers: string, title: string])[] = [
  ['date', 'How old is this tire?', 'DOT code'],
  ['thread', 'Which spindle thread is it?', 'Thread and slots'],
];

/** Every figure: sought in the owner's words, those that this rig is about to want first, the ones used last beside. */
export function FigureList({ view, rigs }: { view: RigView | undefined; rigs: readonly RigView[] }) {
  const { figures: used } = usePreferences();
  const recent = used.flatMap((one) => FIGURE_IDS.find((id) => id === one) ?? []);
  const [words, setWords] = useState('');
  const rig = view?.rig.id;
  const textOf = (id: FigureId) =>
    `${FIGURE_WORDS[id].title} ${FIGURE_WORDS[id].answers} ${FIGURE_WORDS[id].also}`;
  const found = sought(FIGURE_IDS, words, textOf);
  const first = suggested(view?.model);
  return (
    <div className="mx-auto w-full max-w-[72rem] px-4 py-4 md:px-8 md:py-6">
      {rigs.length > 0 && <RigTabs rigs={rigs} chosen={rig ?? ''} href={(id) => to('figures', id)} />}
      <h1 className="mt-2 text-4xl md:text-5xl">What does it come to?</h1>
      <label className="mt-4 block max-w-xl">
        <span className="sr-only">Find a figure</span>
        <input
          type="search"
          placeholder="How tight, which drum, will it tow straight"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          className="border-soft bg-sheet min-h-14 w-full rounded-sheet border-[1.5px] px-4 text-lg"
        />
      </label>
      {words.trim() === '' ? (
        <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
          <section aria-label="Likely wanted">
            <Ruled>{view ? `Likely wanted for ${view.model.name}` : 'Likely wanted'}</Ruled>
            <ul>
              {first.map((id) => (
                <Row key={id} id={id} rig={rig} />
              ))}
            </ul>
            {recent.length > 0 && (
              <div className="mt-8">
                <Ruled>Used last</Ruled>
                <ul>
                  {recent.map((id) => (
                    <Row key={id} id={id} rig={rig} />
                  ))}
                </ul>
              </div>
            )}
          </section>
          <section aria-label="All figures">
            <Ruled>All figures</Ruled>
            <ul>
              {FIGURE_IDS.filter((id) => !first.includes(id)).map((id) => (
                <Row key={id} id={id} rig={rig} />
              ))}
              {IDENTIFY.map(([by, answers, title]) => (
                <li key={by} className="border-line border-b">
                  <Link
                    prefetch={false}
                    href={to('identify', rig, { by })}
                    className="hover:bg-accent-wash/60 grid min-h-14 content-center py-2"
                  >
                    <span className="text-lg leading-snug font-semibold">{answers}</span>
                    <span className="text-soft text-[0.92rem]">{title}, under Identify</span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        </div>
      ) : (
        <ul className="mt-6 max-w-3xl" aria-label="Found">
          {found.map((id) => (
            <Row key={id} id={id} rig={rig} />
          ))}
          {found.length === 0 && (
            <li className="text-soft py-3">
              No figure by these words. Try another: torque, tongue, drum, psi.
            </li>
          )}
        </ul>
      )}
    </div>
  );
}
