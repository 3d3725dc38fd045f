'use client';

import type { FindingState } from '@/core/log';
import type { WheelEnd } from '@/core/rig';
import type { RigView, Rigs } from '@/features/common';
import { FindingDialog, FixDialog } from './finding-dialog';
import { HubLookDialog } from './hub-look-dialog';
import { MemoryDialog } from './memory-dialog';
import { PlaceSheet, type PlaceActions } from './place-sheet';
import { RecheckDialog } from './recheck-dialog';
import { TripDialog } from './trip-dialog';

/** Which sheet lies over the Yard, and for what. */
export type Sheet =
  | { readonly show: 'trip' }
  | { readonly show: 'place' | 'recheck' | 'memory' | 'look'; readonly place: WheelEnd }
  | { readonly show: 'report'; readonly place: WheelEnd | 'rig' }
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
    case 'place':
      return (
        <PlaceSheet view={view} place={sheet.place} now={ready.now} actions={actions} onClose={onClose} />
      );
    case 'recheck':
      return <RecheckDialog view={view} first={sheet.place} onClose={onClose} />;
    case 'memory':
      return <MemoryDialog view={view} place={sheet.place} now={ready.now} onClose={onClose} />;
    case 'look':
      return <HubLookDialog view={view} place={sheet.place} onClose={onClose} />;
    case 'report':
      return <FindingDialog view={view} place={sheet.place} onClose={onClose} />;
    case 'fix':
      return <FixDialog view={view} finding={sheet.finding} onClose={onClose} />;
  }
}
