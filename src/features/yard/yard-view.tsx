'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { HOUSE } from '@/core/log';
import { placesOf, type Place } from '@/core/rig';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { ClockNote, Failed, RigTabs, useChosenRig, useRigs, type RigView, type Rigs } from '@/features/rigs';
import { PATHS, to } from '@/links';
import { usePreferences } from '@/store';
import { dayInFull } from '@/text';
import { reported } from '@/ui';
import { BackupLine } from './backup-line';
import { FirstYard, YardLoading } from './first-yard';
import type { PlaceActions } from './place-actions';
import { RigFront } from './rig-front';
import { RigOverview } from './rig-overview';
import type { Sheet } from './sheets';

type Ready = Extract<Rigs, { status: 'ready' }>;

const loadSheets = () => import('./sheets');
/** The page is drawn by then (ms). */
const ONCE_DRAWN = 400;
const Sheets = dynamic(loadSheets, { ssr: false });

function RigYard({ view, ready, at }: { view: RigView; ready: Ready; at: Place | 'rig' | undefined }) {
  const [sheet, setSheet] = useState<Sheet | undefined>(at && { show: 'place', place: at });
  // The verdict is there first; what lies below is drawn bit by bit behind it, and no tap waits for all of it.
  const rest = useDeferredValue(true, false);
  // After a change what answers the tap is drawn first, too.
  const drawn = useDeferredValue(view);
  const state = useDeferredValue(ready.state);
  // Behind a sheet nothing waits to be seen: what the sheet says is drawn before it.
  const front = sheet ? drawn : view;
  const { yard } = usePreferences();
  // Fetched while nobody waits, so that the first tap finds it there.
  useEffect(() => {
    const timer = setTimeout(() => reported(loadSheets()), ONCE_DRAWN);
    return () => clearTimeout(timer);
  }, []);
  const actions = useMemo<PlaceActions>(
    () => ({
      onRecheck: (duty) => setSheet({ show: 'recheck', duty }),
      onDone: (duties) => setSheet({ show: 'done', duties }),
      onMemory: (duty) => setSheet({ show: 'memory', duty }),
      onDefer: (duty) => setSheet({ show: 'defer', duty }),
      onReport: (place) => setSheet({ show: 'report', place }),
      onFix: (finding) => setSheet({ show: 'fix', finding }),
    }),
    [],
  );
  return (
    <>
      <RigFront
        view={front}
        kept={(sheet ? state : ready.state).rigs[HOUSE]?.planning.kept}
        actions={actions}
        onSheet={setSheet}
      />
      {rest && <BackupLine archived={ready.archived} now={ready.now} own={yard === 'own'} />}
      {rest && <RigOverview view={drawn} state={state} actions={actions} onSheet={setSheet} />}
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
  const asked = useSearchParams().get('at');
  const at = chosen && [...placesOf(chosen.model), 'rig' as const].find((place) => place === asked);
  if (yard.status === 'loading') return <YardLoading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (!chosen) return <FirstYard retired={yard.retired.length} />;
  return (
    <div className="mx-auto grid w-full max-w-[80rem] grid-cols-[minmax(0,1fr)] gap-5 px-4 py-3 md:px-8 md:py-5">
      <div className="flex items-center justify-between gap-4">
        <RigTabs rigs={yard.rigs} chosen={chosen.rig.id} href={(rig) => to('yard', rig)}>
          <Link
            prefetch={false}
            href={PATHS.setup}
            className="text-soft hover:text-ink min-h-11 shrink-0 px-2 py-2 whitespace-nowrap underline underline-offset-4"
          >
            Add a rig
          </Link>
        </RigTabs>
        <p className="text-soft hidden whitespace-nowrap lg:block">{dayInFull(yard.now)}</p>
      </div>
      <ClockNote newest={yard.log.newest} now={yard.now} />
      <RigYard key={`${chosen.rig.id} ${at ?? ''}`} view={chosen} ready={yard} at={at} />
    </div>
  );
}
