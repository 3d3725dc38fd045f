'use client';

import Link from 'next/link';
import { useState } from 'react';
import { type WalkId, WALKS } from '@/core/log';
import { compileWalk, itemsOf, type WalkOrder } from '@/core/road';
import { LimitCard } from '@/features/forms';
import { findingHref, howFar, RigTabs, RoadLine, Ruled, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import { count, dayAgo, entryWords, WALK_WORDS, inUnits } from '@/text';
import { Button, Choice, LinkButton, Mark } from '@/ui';
import { KitNote } from '@/features/road/kit';
import { barredLugs } from './barred-lugs';
import type { WalkDraft } from './walk-draft';

const MAIN: WalkId = 'hitch';
const ON_THE_ROAD: readonly WalkId[] = ['first-stop', 'stop', 'home'];
const SHOWN = 4;

/** Which walk, in which order; one that was left off goes on. */
export function StartWalk({
  view,
  rigs,
  draft,
  onStart,
  onGoOn,
  onDrop,
}: {
  view: RigView;
  rigs: readonly RigView[];
  /** A walk that was left off. */
  draft: WalkDraft | undefined;
  onStart: (walk: WalkId, order: WalkOrder) => void;
  onGoOn: () => void;
  onDrop: () => void;
}) {
  const { units } = usePreferences();
  const [order, setOrder] = useState<WalkOrder>('round');
  const limits = Object.values(view.rig.findings).filter(({ limit }) => limit);
  const all = howFar(view.limits, view.rig);
  const barred = barredLugs(view);
  const items = (walk: WalkId) => itemsOf(compileWalk(walk, view.model, 'round', barred)).length;
  const asked = useAsk('walks', { rig: view.rig.id, most: SHOWN });
  const walks = asked.status === 'ready' ? asked.answer : [];
  const row = (walk: WalkId) => (
    <li
      key={walk}
      className="border-line grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4 border-b py-2.5"
    >
      <span>
        <span className="block text-lg font-semibold">{WALK_WORDS[walk].title}</span>
        <span className="text-soft">{inUnits(WALK_WORDS[walk].when, units)}</span>
      </span>
      <Button onClick={() => onStart(walk, order)}>
        {count(items(walk), 'item')}
        <span className="sr-only">: begin {WALK_WORDS[walk].title}</span>
      </Button>
    </li>
  );
  return (
    <div className="mx-auto w-full max-w-[70rem] px-4 py-3 md:px-8 md:py-5">
      <RigTabs rigs={rigs} chosen={view.rig.id} href={(id) => to('road', id)} />
      <div className="mt-4 grid gap-10 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div>
          {limits.length > 0 && (
            <section aria-label="Towed on with" className="mb-8">
              <Ruled>Towed on with</Ruled>
              {all && (
                <div className="mt-3">
                  <RoadLine rig={view.rig.id} limits={all} now={view.now} />
                </div>
              )}
              <ul>
                {limits.map((finding) => (
                  <li key={finding.id} className="border-line border-b py-4">
                    <LimitCard
                      finding={finding}
                      rig={view.rig}
                      href={findingHref(view.rig.id, finding.id)}
                      beside={limits.length > 1}
                    />
                  </li>
                ))}
              </ul>
            </section>
          )}
          {draft ? (
            <section aria-label="Walk left off">
              <h1 className="text-4xl md:text-5xl">{WALK_WORDS[draft.walk].title}, left off</h1>
              <p className="text-soft mt-1 text-lg">
                Begun {dayAgo(draft.started, view.now)}, {count(Object.keys(draft.answers).length, 'item')}{' '}
                checked. Beginning another walk drops it; what was seen long ago is better seen again.
              </p>
              <div className="mt-4 flex flex-wrap gap-2.5">
                <Button look="primary" size="lg" onClick={onGoOn}>
                  Go on with it
                </Button>
                <Button size="lg" onClick={onDrop}>
                  Drop it
                </Button>
              </div>
            </section>
          ) : (
            <section aria-label={WALK_WORDS[MAIN].title}>
              <h1 className="text-4xl md:text-5xl">{WALK_WORDS[MAIN].title}</h1>
              <p className="text-soft mt-1 max-w-[46ch] text-lg">{inUnits(WALK_WORDS[MAIN].when, units)}</p>
              <div className="mt-4 flex flex-wrap items-end gap-4">
                <Button look="primary" size="lg" onClick={() => onStart(MAIN, order)}>
                  Begin, {count(items(MAIN), 'item')}
                </Button>
              </div>
            </section>
          )}
          <div className="mt-8">
            <Ruled>On the road, and back</Ruled>
            <ul>{[...(draft ? [MAIN] : []), ...ON_THE_ROAD].map(row)}</ul>
          </div>
          <div className="mt-8">
            <Ruled>By the season</Ruled>
            <ul>{WALKS.filter((walk) => walk !== MAIN && !ON_THE_ROAD.includes(walk)).map(row)}</ul>
          </div>
        </div>
        <aside className="grid content-start gap-8">
          <Choice
            label="Which way around"
            columns="grid-cols-1"
            options={[
              {
                value: 'round',
                label: 'Around the trailer',
                hint: 'From the tongue, left side, back, right side',
              },
              {
                value: 'system',
                label: 'System by system',
                hint: 'Hitch, tires, hubs, lights; the same items',
              },
            ]}
            value={order}
            onChange={setOrder}
          />
          <LinkButton
            size="lg"
            href={view.rig.underWay ? to('road', view.rig.id) : to('road', view.rig.id, { trip: 'begin' })}
          >
            {view.rig.underWay ? 'Back to the trip' : 'Begin a trip'}
          </LinkButton>
          <LinkButton size="lg" look="danger" href={to('trouble', view.rig.id)}>
            Trouble on the road
          </LinkButton>
          <section>
            <Ruled>The kit</Ruled>
            <div className="my-3">
              <KitNote view={view} />
            </div>
            <LinkButton href={to('kit', view.rig.id)}>Open the kit</LinkButton>
          </section>
          <section>
            <Ruled>Lamps and brakes, alone</Ruled>
            <p className="text-soft my-3">
              A paced test for one person, and from what fails to where to look.
            </p>
            <LinkButton href={to('lights', view.rig.id)}>Test the lamps</LinkButton>
          </section>
          {walks.length > 0 && (
            <section>
              <Ruled>Recent walks</Ruled>
              <ul>
                {walks.map((entry) => {
                  const { title } = entryWords(entry, units, () => undefined);
                  const go = entry.body.decision?.go;
                  const bad = entry.body.looked.some(({ as }) => as === 'not-right');
                  return (
                    <li key={entry.id} className="border-line flex gap-2.5 border-b py-2">
                      <span className="mt-0.5">
                        <Mark
                          mark={go === 'no' ? 'stop' : go === 'care' || bad ? 'soon' : 'clear'}
                          size={18}
                        />
                      </span>
                      <span>
                        {title}
                        <span className="text-soft block text-[0.92rem]">
                          {dayAgo(entry.happened, view.now)}
                        </span>
                      </span>
                    </li>
                  );
                })}
              </ul>
              <Link
                prefetch={false}
                className="inline-block min-h-11 py-2 underline underline-offset-4"
                href={to('logbook', view.rig.id, { kind: 'walks' })}
              >
                All walks in the Logbook
              </Link>
            </section>
          )}
        </aside>
      </div>
    </div>
  );
}
