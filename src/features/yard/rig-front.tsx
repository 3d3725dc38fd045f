'use client';

import { memo } from 'react';
import type { PlanningState } from '@/core/log';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { Button, LinkButton } from '@/ui';
import type { PlaceActions } from './place-actions';
import type { Sheet } from './sheets';
import { StartWork } from './start-work';
import { Verdict } from './verdict';
import { YardDayLine } from './yard-day-line';

/** The verdict on one rig, and the ways to the four moments: drawn again only where one of what it is given changes. */
export const RigFront = memo(function RigFront({
  view,
  kept,
  actions,
  onSheet,
}: {
  view: RigView;
  kept: PlanningState['kept'];
  actions: PlaceActions;
  /** Stays the same function. */
  onSheet: (sheet: Sheet) => void;
}) {
  const { rig, now } = view;
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_auto] lg:items-start">
        <Verdict view={view} onPlan={() => onSheet({ show: 'plan' })} />
        <div className="grid grid-cols-2 gap-2.5 sm:flex lg:grid lg:pt-2">
          <StartWork view={view} actions={actions} />
          <LinkButton
            size="lg"
            className="md:min-h-13"
            look={rig.underWay || view.tow.fitness === 'fit' ? 'primary' : 'plain'}
            href={rig.underWay ? to('road', rig.id) : to('road', rig.id, { walk: 'hitch' })}
          >
            {rig.underWay ? 'On the road' : 'Hitching up'}
          </LinkButton>
          <Button size="lg" className="md:min-h-13" onClick={() => onSheet({ show: 'trip' })}>
            Home again
          </Button>
          <LinkButton size="lg" className="md:min-h-13" look="danger" href={to('trouble', rig.id)}>
            Trouble
          </LinkButton>
        </div>
      </div>
      <YardDayLine kept={kept} rig={rig.id} now={now} />
    </>
  );
});
