'use client';

import type { Duty } from '@/core/duty';
import type { FindingState } from '@/core/log';
import { isWheelEnd, type Place } from '@/core/rig';
import type { RigView, Rigs } from '@/features/rigs';
import {
  DeferDialog,
  DoneDialog,
  EventDialog,
  HubLookDialog,
  MemoryDialog,
  PlanDialog,
} from '@/features/duties';
import { FindingDialog, FixDialog } from '@/features/logbook/findings';
import { TripDialog } from '@/features/road/trip';
import type { PlaceActions } from './place-actions';
import { PlaceSheet } from './place-sheet';
import { RecheckDialog } from './recheck-dialog';

/** Which sheet lies over the Yard, and for what. */
export type Sheet =
  | { readonly show: 'trip' | 'plan' | 'event' }
  | { readonly show: 'place'; readonly place: Place | 'rig' }
  | { readonly show: 'done'; readonly duties: readonly Duty[] }
  | { readonly show: 'recheck' | 'memory' | 'defer'; readonly duty: Duty }
  | { readonly show: 'report'; readonly place: Place | 'rig' }
  | { readonly show: 'fix'; readonly finding: FindingState };

type Ready = Extract<Rigs, { status: 'ready' }>;

/** The sheet that lies over the Yard; a chunk of its own, fetched once the Yard stands. */
export default function Sheets({
  sheet,
  view,
  ready,
  actions,
  onClose,
}: {
  sheet: Sheet;
  view: RigView;
  ready: Ready;
  actions: PlaceActions;
  onClose: () => void;
}) {
  switch (sheet.show) {
    case 'trip':
      return <TripDialog view={view} ready={ready} onClose={onClose} />;
    case 'plan':
      return <PlanDialog view={view} onClose={onClose} />;
    case 'event':
      return <EventDialog view={view} onClose={onClose} />;
    case 'place':
      return <PlaceSheet view={view} place={sheet.place} actions={actions} onClose={onClose} />;
    case 'done': {
      const [first, ...more] = sheet.duties;
      // One hub alone is rocked and spun with its grades; many at once are told good or not.
      return first?.routine === 'hub-look' && more.length === 0 && isWheelEnd(first.place) ? (
        <HubLookDialog view={view} place={first.place} onClose={onClose} />
      ) : (
        <DoneDialog view={view} duties={sheet.duties} onClose={onClose} />
      );
    }
    case 'recheck':
      return isWheelEnd(sheet.duty.place) ? (
        <RecheckDialog view={view} first={sheet.duty.place} onClose={onClose} />
      ) : null;
    case 'memory':
      return <MemoryDialog view={view} duty={sheet.duty} onClose={onClose} />;
    case 'defer':
      return <DeferDialog view={view} duty={sheet.duty} onClose={onClose} />;
    case 'report':
      return <FindingDialog view={view} place={sheet.place} onClose={onClose} />;
    case 'fix':
      return <FixDialog view={view} finding={sheet.finding} onClose={onClose} />;
  }
}
