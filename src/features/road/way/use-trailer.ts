import { useState } from 'react';
import { pressureTarget } from '@/core/judge';
import { toSI } from '@/core/base';
import { wheelEnds } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { deckOf } from './deck';
import { paceNow, runTrailer, setPaceOf, trailerOf } from './trailer';

/** How many times faster than the clock a simulated trip runs. */
export const PACES = [1, 10, 100] as const;

/** A simulated trailer behind the rig, for the demo: begun, as fast as one likes, and stopped. */
export function useTrailer(view: Pick<RigView, 'rig' | 'model' | 'house'>) {
  const { id } = view.rig;
  const [on, setOn] = useState(trailerOf(id) !== undefined);
  const [pace, showPace] = useState(paceNow);
  const setPace = (next: number) => {
    setPaceOf(next);
    showPace(next);
  };
  const begin = async () => {
    const { demoFaults, simulatedTrailer } = await import('@/instruments/simulated');
    const cold = pressureTarget(view.model, view.house)?.value ?? toSI(65, 'psi');
    const ends = wheelEnds(view.model);
    const made = simulatedTrailer(
      {
        seed: 7,
        ends,
        cold: () => cold,
        outside: toSI(78, '°F'),
        faults: (demoFaults() ?? []).filter(({ place }) => ends.includes(place)),
      },
      Date.now(),
      view.model.wheels.torque?.value,
    );
    runTrailer(id, made);
    for (const instrument of made.instruments) deckOf(id).connect(instrument);
    setOn(true);
  };
  const end = () => {
    for (const instrument of trailerOf(id)?.instruments ?? []) deckOf(id).disconnect(instrument.id);
    runTrailer(id, undefined);
    setOn(false);
  };
  return { on, pace, setPace, begin, end };
}
