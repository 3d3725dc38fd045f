'use client';

import type { PlannedState } from '@/core/log';
import { useWithdraw } from '@/features/forms';
import { Ruled, tripsAhead, type RigView } from '@/features/rigs';
import { OutlookNote } from '@/features/duties';
import { useYard } from '@/store';
import { dayInFull } from '@/text';
import { Button, reported } from '@/ui';

/** The trips that are planned, each with whether the rig is fit for it. */
export function Trips({ view, onPlan }: { view: RigView; onPlan: (trip?: PlannedState) => void }) {
  const withdraw = useWithdraw();
  const { store } = useYard();
  const trips = tripsAhead(view);
  const callOff = async (trip: PlannedState) => {
    const entry = await store.send('entry', { id: trip.id });
    if (entry) await withdraw([entry], 'called off', 'Trip called off');
  };
  return (
    <section aria-label="Trips ahead">
      <Ruled>Trips ahead</Ruled>
      {trips.length === 0 && (
        <p className="text-soft py-3">
          None planned. A trip that is planned says beforehand what falls due before it and on the way.
        </p>
      )}
      <ul>
        {trips.map((trip) => (
          <li key={trip.id} className="border-line grid gap-1.5 border-b py-3">
            <p className="font-semibold">
              {trip.name ? `${trip.name}, ` : ''}
              {dayInFull(trip.at)}
            </p>
            <OutlookNote view={view} trip={trip} />
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => onPlan(trip)}>Change the plan</Button>
              <Button look="quiet" onClick={() => reported(callOff(trip))}>
                Call it off
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <Button className="mt-3" onClick={() => onPlan()}>
        Plan a trip
      </Button>
    </section>
  );
}
