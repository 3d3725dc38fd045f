'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { WheelEnd } from '@/core/rig';
import { Failed, Loading, RigTabs, useChosenRig, useRigs, type RigView, type Rigs } from '@/features/common';
import { usePreferences } from '@/store';
import { dayInFull, SOURCE_WORDS } from '@/text';
import { Button, LinkButton, RigPlan, type PlaceLabel } from '@/ui';
import { FirstYard } from './first-yard';
import { Lately } from './lately';
import { placeNote } from './marks';
import { NextList } from './next-list';
import type { PlaceActions } from './place-sheet';
import type { Sheet } from './sheets';
import { Verdict } from './verdict';

type Ready = Extract<Rigs, { status: 'ready' }>;

const loadSheets = () => import('./sheets');
const Sheets = dynamic(loadSheets, { ssr: false });

/** The way to the work that presses most: what is open goes on, else the gravest repack. */
function workHref(view: RigView): string {
  const open = view.open[0];
  if (open) return `/bench?run=${open.session}`;
  const finding = Object.values(view.rig.findings).find(
    (one) => one.place !== 'rig' && one.verdict !== 'watch',
  );
  const duty = view.duties.find((one) => one.routine === 'repack' && one.verdict !== 'clear');
  const place = finding?.place ?? duty?.place;
  return `/bench?rig=${view.rig.id}${place ? `&place=${place}` : ''}`;
}

function RigYard({ view, ready }: { view: RigView; ready: Ready }) {
  const { units } = usePreferences();
  const [sheet, setSheet] = useState<Sheet>();
  const [all, setAll] = useState(false);
  const { model, rig } = view;
  // Fetched while nobody waits, so that the first tap finds it there.
  useEffect(() => void loadSheets(), []);
  const labels: Partial<Record<WheelEnd, PlaceLabel>> = Object.fromEntries(
    view.places.map((state) => [state.place, { mark: state.mark, note: placeNote(state, units) }]),
  );
  const actions: PlaceActions = {
    onRecheck: (place) => setSheet({ show: 'recheck', place }),
    onMemory: (place) => setSheet({ show: 'memory', place }),
    onLook: (place) => setSheet({ show: 'look', place }),
    onReport: (place) => setSheet({ show: 'report', place }),
    onFix: (finding) => setSheet({ show: 'fix', finding }),
  };
  const torque = model.wheels.torque;
  const plan = { model, labels, onChoose: (place: WheelEnd) => setSheet({ show: 'place', place }) };
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_auto] lg:items-start">
        <Verdict view={view} now={ready.now} />
        <div className="grid grid-cols-2 gap-2.5 sm:flex lg:pt-2">
          <LinkButton
            href={workHref(view)}
            look={view.tow.fitness === 'fit' ? 'plain' : 'primary'}
            size="lg"
            className="md:min-h-13"
          >
            {view.open.length > 0 ? 'Go on with the work' : 'Start the work'}
          </LinkButton>
          <Button
            size="lg"
            className="md:min-h-13"
            look={view.tow.fitness === 'fit' ? 'primary' : 'plain'}
            onClick={() => setSheet({ show: 'trip' })}
          >
            Home again
          </Button>
        </div>
      </div>
      <div className="border-line bg-sheet relative rounded-sheet border">
        <RigPlan {...plan} heading="left" className="mx-auto hidden max-w-[44rem] px-4 md:block" />
        <RigPlan {...plan} heading="up" className="mx-auto max-w-sm px-1 py-3 md:hidden" />
        <p className="border-line text-soft flex flex-wrap items-center gap-x-4 border-t px-4 text-[0.92rem] md:pointer-events-none md:absolute md:inset-x-0 md:bottom-0 md:border-0 md:*:pointer-events-auto">
          <LinkButton look="quiet" className="-mx-4 text-[0.92rem]" href={`/setup?rig=${rig.id}`}>
            Facts and figures
          </LinkButton>
          {!torque && <span className="text-unknown">Lug torque not known</span>}
          {torque?.source === 'guess' && (
            <span className="text-soon">Lug torque: {SOURCE_WORDS.guess.toLowerCase()}</span>
          )}
          <Button
            look="quiet"
            className="-mr-4 ml-auto text-[0.92rem]"
            onClick={() => setSheet({ show: 'report', place: 'rig' })}
          >
            Something is not right
          </Button>
        </p>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[minmax(0,1fr)_19rem]">
        <NextList
          view={view}
          now={ready.now}
          all={all}
          onAll={() => setAll(true)}
          onRecheck={(duty) => actions.onRecheck(duty.place)}
          onLook={(duty) => actions.onLook(duty.place)}
          onFix={actions.onFix}
        />
        <Lately view={view} fold={ready.fold} now={ready.now} />
      </div>
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
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (!chosen) return <FirstYard />;
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
      <RigYard key={chosen.rig.id} view={chosen} ready={yard} />
    </div>
  );
}
