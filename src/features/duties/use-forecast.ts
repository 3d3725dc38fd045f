'use client';

import { useEffect, useState } from 'react';
import type { Duty } from '@/core/duty';
import { historyOf, UNTOLD } from '@/core/forecast';
import type { Fold } from '@/core/log';
import type { RigView } from '@/features/common';
import type { BandBasis } from '@/text';
import type { ForecastAnswer, ForecastAsk } from '@/workers/forecast';

/** When duties will fall due, as far as it has been worked out. */
export type Forecast =
  { readonly status: 'working' | 'failed' } | ({ readonly status: 'ready' } & ForecastAnswer);

/** A worker that says nothing for so long (ms) is given up. */
const PATIENCE = 10_000;
/** A boat is launched about once a trip, as far as anyone knows before its record tells. */
const LAUNCHES_A_WEEK = 1;

/** Forecasts some duties of a rig, off the page's own thread; what was worked out last stands until the next is there. */
export function useForecast(fold: Fold, view: RigView, duties: readonly Duty[]): Forecast {
  const [forecast, setForecast] = useState<Forecast>({ status: 'working' });
  const { rig, model } = view;
  // Asked anew when a meter, a limit or a plan has changed, or an hour is gone; not at every tick of the clock.
  const now = `${view.now.slice(0, 13)}:00:00.000Z`;
  const asked = JSON.stringify({
    duties: duties.map(({ id, meters, from }) => ({ id, meters, from })),
    planned: Object.values(rig.planned).filter((trip) => trip.at > now),
    prior: {
      yearly: model.yearly ?? UNTOLD.yearly,
      launches: model.kind === 'boat' ? LAUNCHES_A_WEEK : 0,
    },
  } satisfies Partial<ForecastAsk>);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/forecast.ts', import.meta.url), { type: 'module' });
    const give = (next: Forecast) => {
      clearTimeout(timer);
      worker.terminate();
      setForecast(next);
    };
    const timer = setTimeout(() => give({ status: 'failed' }), PATIENCE);
    worker.onmessage = ({ data }: MessageEvent<ForecastAnswer>) => give({ status: 'ready', ...data });
    worker.onerror = () => give({ status: 'failed' });
    const told = JSON.parse(asked) as Pick<ForecastAsk, 'duties' | 'planned' | 'prior'>;
    const ask: ForecastAsk = { history: historyOf(fold, rig.id, now), now, ...told };
    worker.postMessage(ask);
    return () => {
      clearTimeout(timer);
      worker.terminate();
    };
  }, [fold, rig.id, now, asked]);
  return forecast;
}

/** What the forecast of a duty rests on, for its words; what only days decide rests on the calendar alone. */
export function basisOf(forecast: Forecast, view: RigView, duty: Pick<Duty, 'meters'>): BandBasis {
  const byMiles = duty.meters.some((use) => use.meter !== 'days');
  if (!byMiles || forecast.status !== 'ready' || forecast.basis === 'history') return 'towed';
  return view.model.yearly === undefined ? 'untold' : 'expected';
}
