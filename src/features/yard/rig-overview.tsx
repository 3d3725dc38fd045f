'use client';

import dynamic from 'next/dynamic';
import { memo, useState } from 'react';
import type { PlaceState } from '@/core/duty';
import type { YardState } from '@/core/log';
import { placesOf, type Place } from '@/core/rig';
import { PlacePicker } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { SOURCE_WORDS } from '@/text';
import { Button, LinkButton, RigPlan, useWide, type PlaceLabel } from '@/ui';
import { placeNote } from './place-note';
import { NextList } from './next-list';
import type { PlaceActions } from './place-actions';
import type { Sheet } from './sheets';

// What lies behind tells nothing about today: it may come a moment later.
const Lately = dynamic(() => import('./lately'), { ssr: false });

/** Of spares and gear only what is wrong is marked. */
function isWrong(state: PlaceState): boolean {
  return state.mark === 'due' || state.mark === 'stop' || (state.mark === 'soon' && !state.duty);
}

/** The rig drawn with its marks, what is next, and what was lately: drawn anew only where one of them changes. */
export const RigOverview = memo(function RigOverview({
  view,
  state,
  actions,
  onSheet,
}: {
  view: RigView;
  state: YardState;
  actions: PlaceActions;
  /** Stays the same function. */
  onSheet: (sheet: Sheet) => void;
}) {
  const { units } = usePreferences();
  const [all, setAll] = useState(false);
  const wide = useWide();
  const { model, rig } = view;
  // Of spares and gear only what is wrong is marked: a mark on every bolt would say nothing.
  const labels: Partial<Record<Place, PlaceLabel>> = Object.fromEntries(
    [...view.places, ...view.elsewhere.filter(isWrong)].map((state) => [
      state.place,
      { mark: state.mark, note: placeNote(state, units) },
    ]),
  );
  const torque = model.wheels.torque;
  const plan = {
    model,
    labels,
    choosable: placesOf(model),
    onChoose: (place: Place) => onSheet({ show: 'place', place }),
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-7 gap-y-7 xl:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="border-line bg-sheet relative self-start rounded-sheet border">
        {wide ? (
          <RigPlan {...plan} heading="left" className="mx-auto max-w-[44rem] px-1" />
        ) : (
          <RigPlan {...plan} heading="up" className="mx-auto max-w-[19.5rem] px-1 py-2" />
        )}
        <div className="border-line text-soft flex flex-wrap items-center gap-x-4 border-t px-4 text-[0.92rem] md:pointer-events-none md:absolute md:inset-x-0 md:bottom-0 md:border-0 md:*:pointer-events-auto xl:pointer-events-auto xl:static xl:border-t">
          <LinkButton look="quiet" className="-mx-4 text-[0.92rem]" href={to('rig', rig.id)}>
            Facts and figures
          </LinkButton>
          {!torque && <span className="text-unknown">Lug torque not known</span>}
          {torque?.source === 'guess' && (
            <span className="text-soon">Lug torque: {SOURCE_WORDS.guess.toLowerCase()}</span>
          )}
          <Button look="quiet" className="-mx-4 text-[0.92rem]" onClick={() => onSheet({ show: 'event' })}>
            Something was done to it
          </Button>
          <Button
            look="quiet"
            className="-mr-4 ml-auto text-[0.92rem]"
            onClick={() => onSheet({ show: 'report', place: 'rig' })}
          >
            Something is not right
          </Button>
        </div>
        <div className="border-line flex border-t px-4 py-2 md:absolute md:top-2 md:right-3 md:w-60 md:border-0 md:p-0 xl:static xl:w-auto xl:border-t xl:px-4 xl:py-1.5">
          <PlacePicker
            model={model}
            value=""
            first="Elsewhere on the rig"
            label="Elsewhere on the rig"
            among={view.elsewhere.map(({ place }) => place)}
            onChange={(place) => place && onSheet({ show: 'place', place })}
          />
        </div>
      </div>
      <NextList
        view={view}
        all={all}
        onAll={() => setAll(true)}
        actions={actions}
        onWhy={(place) => onSheet({ show: 'place', place })}
        onFix={actions.onFix}
      />
      <div className="xl:col-span-2">
        <Lately view={view} state={state} now={view.now} />
      </div>
    </div>
  );
});
