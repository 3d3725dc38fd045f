'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useDeferredValue, useEffect, useState } from 'react';
import type { PlaceState } from '@/core/duty';
import { placesOf, type Place } from '@/core/rig';
import {
  ClockNote,
  Failed,
  PlacePicker,
  RigTabs,
  useChosenRig,
  useRigs,
  type RigView,
  type Rigs,
} from '@/features/common';
import { noteVisited, usePreferences } from '@/store';
import { dayInFull, SOURCE_WORDS } from '@/text';
import { Button, LinkButton, RigPlan, useWide, type PlaceLabel, reported } from '@/ui';
import { FirstYard, YardLoading } from './first-yard';
import { placeNote } from './marks';
import { NextList } from './next-list';
import type { PlaceActions } from './place-actions';
import type { Sheet } from './sheets';
import { StartWork } from './start-work';
import { Verdict } from './verdict';

type Ready = Extract<Rigs, { status: 'ready' }>;

const loadSheets = () => import('./sheets');
/** The page is drawn by then (ms). */
const ONCE_DRAWN = 400;
const Sheets = dynamic(loadSheets, { ssr: false });
// What lies behind tells nothing about today: it may come a moment later.
const Lately = dynamic(() => import('./lately'), { ssr: false });

/** Of spares and gear only what is wrong is marked. */
function isWrong(state: PlaceState): boolean {
  return state.mark === 'due' || state.mark === 'stop' || (state.mark === 'soon' && !state.duty);
}

function RigYard({ view, ready }: { view: RigView; ready: Ready }) {
  const { units } = usePreferences();
  const [sheet, setSheet] = useState<Sheet>();
  const [all, setAll] = useState(false);
  const wide = useWide();
  // The verdict is there first; what lies below is drawn bit by bit behind it, and no tap waits for all of it.
  const rest = useDeferredValue(true, false);
  const { model, rig } = view;
  // Fetched while nobody waits, so that the first tap finds it there.
  useEffect(() => {
    const timer = setTimeout(() => reported(loadSheets()), ONCE_DRAWN);
    return () => clearTimeout(timer);
  }, []);
  // Of spares and gear only what is wrong is marked: a mark on every bolt would say nothing.
  const labels: Partial<Record<Place, PlaceLabel>> = Object.fromEntries(
    [...view.places, ...view.elsewhere.filter(isWrong)].map((state) => [
      state.place,
      { mark: state.mark, note: placeNote(state, units) },
    ]),
  );
  const actions: PlaceActions = {
    onRecheck: (duty) => setSheet({ show: 'recheck', duty }),
    onDone: (duties) => setSheet({ show: 'done', duties }),
    onMemory: (duty) => setSheet({ show: 'memory', duty }),
    onDefer: (duty) => setSheet({ show: 'defer', duty }),
    onReport: (place) => setSheet({ show: 'report', place }),
    onFix: (finding) => setSheet({ show: 'fix', finding }),
  };
  const torque = model.wheels.torque;
  const plan = {
    model,
    labels,
    choosable: placesOf(model),
    onChoose: (place: Place) => setSheet({ show: 'place', place }),
  };
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_auto] lg:items-start">
        <Verdict view={view} now={ready.now} onPlan={() => setSheet({ show: 'plan' })} />
        <div className="grid grid-cols-3 gap-2.5 sm:flex lg:pt-2">
          <StartWork view={view} actions={actions} />
          <LinkButton
            size="lg"
            className="md:min-h-13"
            look={view.tow.fitness === 'fit' ? 'primary' : 'plain'}
            href={`/walk?rig=${rig.id}&walk=hitch`}
          >
            Hitching up
          </LinkButton>
          <Button size="lg" className="md:min-h-13" onClick={() => setSheet({ show: 'trip' })}>
            Home again
          </Button>
        </div>
      </div>
      {rest && (
        <>
          <div className="border-line bg-sheet relative rounded-sheet border">
            {wide ? (
              <RigPlan {...plan} heading="left" className="mx-auto max-w-[44rem] px-4" />
            ) : (
              <RigPlan {...plan} heading="up" className="mx-auto max-w-sm px-1 py-3" />
            )}
            <div className="border-line text-soft flex flex-wrap items-center gap-x-4 border-t px-4 text-[0.92rem] md:pointer-events-none md:absolute md:inset-x-0 md:bottom-0 md:border-0 md:*:pointer-events-auto">
              <LinkButton look="quiet" className="-mx-4 text-[0.92rem]" href={`/rig?rig=${rig.id}`}>
                Facts and figures
              </LinkButton>
              {!torque && <span className="text-unknown">Lug torque not known</span>}
              {torque?.source === 'guess' && (
                <span className="text-soon">Lug torque: {SOURCE_WORDS.guess.toLowerCase()}</span>
              )}
              <Button
                look="quiet"
                className="-mx-4 text-[0.92rem]"
                onClick={() => setSheet({ show: 'event' })}
              >
                Something was done to it
              </Button>
              <Button
                look="quiet"
                className="-mr-4 ml-auto text-[0.92rem]"
                onClick={() => setSheet({ show: 'report', place: 'rig' })}
              >
                Something is not right
              </Button>
            </div>
            <div className="border-line flex border-t px-4 py-2 md:absolute md:top-2 md:right-3 md:w-60 md:border-0 md:p-0">
              <PlacePicker
                model={model}
                value=""
                first="Elsewhere on the rig"
                label="Elsewhere on the rig"
                among={view.elsewhere.map(({ place }) => place)}
                onChange={(place) => place && setSheet({ show: 'place', place })}
              />
            </div>
          </div>
          <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[minmax(0,1fr)_19rem]">
            <NextList
              view={view}
              all={all}
              onAll={() => setAll(true)}
              actions={actions}
              onWhy={(place) => setSheet({ show: 'place', place })}
              onFix={actions.onFix}
            />
            <Lately view={view} state={ready.state} now={ready.now} />
          </div>
        </>
      )}
      {sheet && (
        <Sheets
          sheet={sheet}
          view={view}
          ready={ready}
          actions={actions}
          onClose={() => setSheet(undefined)}
        />
      )}
    </>
  );
}

/** The Yard: can I tow today? */
export function YardView() {
  const yard = useRigs();
  const chosen = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  useEffect(() => {
    if (chosen) noteVisited();
  }, [chosen]);
  if (yard.status === 'loading') return <YardLoading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (!chosen) return <FirstYard retired={yard.retired.length} />;
  return (
    <div className="mx-auto grid w-full max-w-[80rem] grid-cols-[minmax(0,1fr)] gap-5 px-4 py-3 md:px-8 md:py-5">
      <div className="flex items-center justify-between gap-4">
        <RigTabs rigs={yard.rigs} chosen={chosen.rig.id} href={(rig) => `/?rig=${rig}`}>
          <Link
            prefetch={false}
            href="/setup"
            className="text-soft hover:text-ink min-h-11 shrink-0 px-2 py-2 whitespace-nowrap underline underline-offset-4"
          >
            Add a rig
          </Link>
        </RigTabs>
        <p className="text-soft hidden whitespace-nowrap lg:block">{dayInFull(yard.now)}</p>
      </div>
      <ClockNote newest={yard.log.newest} now={yard.now} />
      <RigYard key={chosen.rig.id} view={chosen} ready={yard} />
    </div>
  );
}
