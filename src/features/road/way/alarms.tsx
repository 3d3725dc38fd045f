'use client';

import { useEffect, useRef } from 'react';
import { channelKey, reads, type Alarm, type Watch } from '@/core/road';
import { matesOf, type RigModel } from '@/core/rig';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { ALARM_DO, alarmFigures, alarmTitle } from '@/text/way';
import { LinkButton, Mark, readOut, useVoice } from '@/ui';
import { sound } from './sound';

/** The way into Trouble, with what the instruments read of it. */
function troubleHref(
  rig: string,
  alarm: Alarm,
  watch: Watch,
  model: RigModel,
  now: number,
  into: number,
): string {
  const { place, trouble } = alarm;
  const figures =
    trouble === 'hot'
      ? {
          hub: reads(watch, 'hub-temp', place, now),
          mate: reads(watch, 'hub-temp', matesOf(place, model).across, now),
          air: reads(watch, 'air', 'rig', now),
        }
      : {};
  const told = Object.entries(figures).map(([id, value]) => [id, value?.toFixed(2)] as const);
  return to('trouble', rig, {
    seen: trouble,
    at: place,
    into: Math.round(into),
    ...Object.fromEntries(told),
  });
}

/** What the live values call out: by words, by a mark, by sound, and by voice and vibration where the device has them. It asks for no answer. */
export function Alarms({
  alarms,
  watch,
  rig,
  model,
  now,
  into,
}: {
  alarms: readonly Alarm[];
  watch: Watch;
  rig: string;
  model: RigModel;
  /** By the instruments' clock (ms). */
  now: number;
  into: number;
}) {
  const { units } = usePreferences();
  const called = alarms.map(({ code, place }) => `${code}@${place}`).join(' ');
  const heard = useRef('');
  const voice = useVoice();
  const newest = useRef(alarms);
  useEffect(() => {
    newest.current = [...alarms].sort((a, b) => b.since - a.since);
  });
  useEffect(() => {
    const fresh = called.split(' ').some((one) => one !== '' && !heard.current.split(' ').includes(one));
    heard.current = called;
    if (!fresh) return;
    sound();
    const [worst] = newest.current;
    if (worst && typeof voice === 'object') readOut([alarmTitle(worst), ALARM_DO[worst.weight]], voice, 1);
  }, [called, voice]);
  if (alarms.length === 0) return null;
  const grave = [...alarms].sort((a, b) => Number(b.weight === 'stop') - Number(a.weight === 'stop'));
  return (
    <section aria-label="Alarms">
      {/* Figures move all the time: what is announced is what was called, once. */}
      <p role="alert" className="sr-only">
        {grave.map((alarm) => `${alarmTitle(alarm)}. ${ALARM_DO[alarm.weight]}`).join(' ')}
      </p>
      <ul className="grid gap-2.5">
        {grave.map((alarm) => (
          <li
            key={channelKey(alarm.trouble === 'hot' ? 'hub-temp' : 'pressure', alarm.place) + alarm.code}
            className={
              alarm.weight === 'stop'
                ? 'border-stop bg-stop-wash rounded-sheet border-2 p-4'
                : 'border-due bg-due-wash rounded-sheet border-2 p-4'
            }
          >
            <p className="flex items-center gap-3">
              <Mark mark={alarm.weight === 'stop' ? 'stop' : 'due'} size={44} spoken />
              <strong className="text-2xl md:text-3xl">{alarmTitle(alarm)}</strong>
            </p>
            <p className="mt-1 text-xl">{ALARM_DO[alarm.weight]}</p>
            <p className="text-soft mt-1">{alarmFigures(alarm, units)}.</p>
            <LinkButton
              className="mt-3 w-full sm:w-auto"
              look="danger"
              size="lg"
              href={troubleHref(rig, alarm, watch, model, now, into)}
            >
              Stopped: take it through Trouble
            </LinkButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
