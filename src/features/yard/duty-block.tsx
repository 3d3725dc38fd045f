'use client';

import { useState } from 'react';
import { markOfDuty } from '@/core/base';
import type { Duty } from '@/core/duty';
import { DutyTape, threadsOf, type RigView } from '@/features/rigs';
import { basisOf, DutyAction, type Forecast } from '@/features/duties';
import { usePreferences } from '@/store';
import {
  bandWords,
  dutyStanding,
  dutyTitle,
  dutyWhy,
  fallsOnWords,
  otherMeters,
  routineHow,
  torqueSpec,
  towedWords,
} from '@/text';
import { Button, cx, Mark } from '@/ui';
import type { PlaceActions } from './place-actions';

/** When a duty that is not due yet is likely to be, from how this rig has been towed and what is planned. */
function ForecastLine({ view, duty, forecast }: { view: RigView; duty: Duty; forecast: Forecast }) {
  const { units } = usePreferences();
  const waits = duty.verdict === 'clear' || duty.verdict === 'soon';
  if (!waits || duty.deferral || forecast.status !== 'ready') return null;
  const band = forecast.bands[duty.id];
  if (!band) return null;
  const trip = forecast.trips[duty.id];
  return (
    <p className="mt-1">
      {bandWords(band, view.now, basisOf(forecast, view, duty), units)}
      {trip ? ` ${fallsOnWords(trip, units, view.now)}` : ` ${towedWords(band, units) ?? ''}`}
    </p>
  );
}

/** One duty at a place: how it stands in a line, and on a tap why, when, and what can be done about it. */
export function DutyBlock({
  view,
  duty,
  actions,
  forecast,
  opened,
}: {
  view: RigView;
  duty: Duty;
  forecast: Forecast;
  actions: PlaceActions;
  opened: boolean;
}) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(opened);
  const { figure, words } = dutyStanding(duty, units);
  const pressing = duty.verdict !== 'clear';
  // A recheck comes too soon after for waiting, what is due at once has nothing to wait for, and a finding is closed.
  const mayDefer =
    duty.routine !== 'lug-recheck' &&
    (duty.reason === 'reached' || duty.reason === 'past') &&
    (duty.governing?.limit ?? 0) > 0;
  const mayRemember =
    duty.verdict === 'unknown' &&
    duty.reason !== 'no-figure' &&
    duty.routine !== 'tire-renew' &&
    duty.routine !== 'battery-renew';
  return (
    <section className="border-line border-b">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex min-h-12 w-full items-center gap-2.5 py-2 text-left"
      >
        <Mark mark={markOfDuty(duty.verdict)} size={24} spoken />
        <span
          className={cx('min-w-0 leading-snug', open || pressing ? 'font-semibold' : '', open && 'text-lg')}
        >
          {dutyTitle(duty)}
        </span>
        <span className="ml-auto whitespace-nowrap">
          <span className="figures text-xl font-semibold">{figure}</span>{' '}
          <span className="text-soft">{words}</span>
        </span>
      </button>
      {open && (
        <div className="pb-4">
          <DutyTape duty={duty} />
          <p className="text-soft mt-1">{dutyWhy(duty, units, view.now)}</p>
          {otherMeters(duty, units).map((line) => (
            <p key={line} className="text-soft">
              Also {line}.
            </p>
          ))}
          <ForecastLine view={view} duty={duty} forecast={forecast} />
          {pressing && duty.routine !== 'lug-recheck' && duty.routine !== 'repack' && (
            <p className="mt-1">
              <span className="font-semibold">Clears it. </span>
              {
                routineHow(
                  duty.routine,
                  view.model,
                  view.house,
                  torqueSpec(view.model, units, threadsOf(view, duty.place)),
                  units,
                ).how
              }
            </p>
          )}
          <div className="mt-3 flex flex-wrap gap-2">
            <DutyAction view={view} duties={[duty]} actions={actions} primary={pressing && !duty.within} />
            {mayRemember && <Button onClick={() => actions.onMemory(duty)}>I know when it was done</Button>}
            {mayDefer && (
              <Button look="quiet" onClick={() => actions.onDefer(duty)}>
                Put it off
              </Button>
            )}
          </div>
        </div>
      )}
    </section>
  );
}
