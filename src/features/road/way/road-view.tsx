'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { useLeadOn } from '@/features/forms';
import { TripDialog } from '@/features/road/trip';
import { Walks } from '@/features/road/walk';
import { WithRig, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { BeginTrip } from './begin-trip';
import { StopView } from './stop-view';
import { WayView } from './way-view';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** The looks that a trip under way asks for have a screen of their own. */
const ON_THE_WAY: readonly (string | null)[] = ['stop', 'first-stop'];

function OneRig({ view, ready }: { view: RigView; ready: Ready }) {
  const params = useSearchParams();
  const leadOn = useLeadOn();
  // The end of a trip is told over the page of the trip, and outlives it.
  const [home, setHome] = useState<{ readonly miles: number }>();
  const walk = params.get('walk');
  const way = view.rig.underWay;
  const page = () => {
    if (way && ON_THE_WAY.includes(walk)) return <StopView view={view} way={way} />;
    if (walk === null && !way && params.get('trip') === 'begin') return <BeginTrip view={view} />;
    if (walk === null && way && params.get('show') !== 'walks')
      return <WayView view={view} ready={ready} way={way} onHome={(miles) => setHome({ miles })} />;
    return <Walks view={view} ready={ready} />;
  };
  return (
    <>
      {page()}
      {home && (
        <TripDialog
          view={view}
          ready={ready}
          proposed={home.miles}
          onClose={() => {
            setHome(undefined);
            if (!way) leadOn(to('yard', view.rig.id));
          }}
        />
      )}
    </>
  );
}

/** Road: are we fit to go on? Walkarounds, and the trip under way. */
export function RoadView() {
  return (
    <WithRig promise="Once a rig is set up, every walk around it is led from here, and its trips are followed to the next stop.">
      {(view, ready) => <OneRig key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
