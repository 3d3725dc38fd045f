'use client';

import { type Duty, priorOf } from '@/core/duty';
import type { RigView } from '@/features/rigs';
import type { BandBasis } from '@/text';
import type { ForecastAnswer, ForecastAsk } from '@/keeper';
import { useAsk } from '@/store';

/** When duties will fall due, as far as it has been worked out. */
export type Forecast =
  { readonly status: 'working' | 'failed' } | ({ readonly status: 'ready' } & ForecastAnswer);

/** A forecast that takes so long (ms) is given up. */
const PATIENCE = 30_000;

/** Forecasts some duties of a rig, off the page's own thread; what was worked out last stands until the next is there. */
export function useForecast(view: RigView, duties: readonly Duty[]): Forecast {
  const { rig, model } = view;
  // Asked anew when a meter, a limit or a plan has changed, or an hour is gone; not at every tick of the clock.
  const now = `${view.now.slice(0, 13)}:00:00.000Z`;
  const ask: ForecastAsk = {
    rig: rig.id,
    now,
    duties: duties.map(({ id, meters, from }) => ({ id, meters, from })),
    planned: Object.values(rig.planned).filter((trip) => trip.at > now),
    prior: priorOf(model),
  };
  const asked = useAsk('forecast', ask, PATIENCE);
  if (asked.status === 'ready') return { status: 'ready', ...asked.answer };
  return { status: asked.status === 'failed' ? 'failed' : 'working' };
}

/** What the forecast of a duty rests on, for its words; what only days decide rests on the calendar alone. */
export function basisOf(forecast: Forecast, view: RigView, duty: Pick<Duty, 'meters'>): BandBasis {
  const byMiles = duty.meters.some((use) => use.meter !== 'days');
  if (!byMiles || forecast.status !== 'ready' || forecast.basis === 'history') return 'towed';
  return view.model.yearly === undefined ? 'untold' : 'expected';
}
