'use client';

import Link from 'next/link';
import { useEffect, useState } from 'react';
import { daysBetween, msOf } from '@/core/base';
import type { UnderWay } from '@/core/log';
import { standingOf, type RigStanding } from '@/core/road';
import { devicePosition } from '@/instruments';
import { useWakeLock } from '@/features/forms';
import { Loading, Named, reasonHref, RigTabs, RoadLine, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { dayAndTime, measure, reasonWords, sinceWords } from '@/text';
import { comeWords } from '@/text/way';
import { Button, LinkButton } from '@/ui';
import { AgainstDialog } from './against-dialog';
import { Alarms } from './alarms';
import { SoundNote } from './sound-note';
import { Coming } from './coming';
import { deckOf } from './deck';
import { InstrumentsPanel } from './instruments-panel';
import { LiveRig } from './live-rig';
import { ShoulderFigures } from './shoulder-figures';
import { Sign } from './sign';
import { Standing } from './standing';
import { useWay, type Way } from './use-way';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** A trip open so long (d) was driven home and forgotten. */
const FORGOTTEN = 7;
/** A pace (m/s) is known once it has come so far (m). */
const KNOWN_FROM = 3_000;

/** How fast it has come so far (m/s); undefined while that says nothing. */
function paceOf(under: UnderWay, way: Way, now: string): number | undefined {
  const { into, by } = way.miles;
  if (by === 'clock' || into < KNOWN_FROM) return undefined;
  // A simulated or recorded trip may run faster than the clock.
  const first = way.deck.watch.lately['distance@rig']?.[0]?.at;
  const begun = first === undefined ? msOf(under.at) : Math.min(first, msOf(under.at));
  const seconds = (msOf(now) - begun) / 1000;
  return seconds > 300 ? into / seconds : undefined;
}

/** Left open for a week: told, and closed with what is known. */
function Forgotten({ under, onHome }: { under: UnderWay; onHome: () => void }) {
  const { units } = usePreferences();
  return (
    <section role="alert" className="border-due grid gap-3 border-l-4 pl-4">
      <p className="text-xl">
        <strong>This trip has been open since {dayAndTime(under.at)}.</strong> Its miles count as far as they
        are known: {measure(under.into, 'distance', units, 0)}. If it came home, log how far it was in all.
      </p>
      <div>
        <Button look="primary" size="lg" onClick={onHome}>
          It came home: log it
        </Button>
      </div>
    </section>
  );
}

/** The bar at the thumb: read-only while it rolls, so one tap says that it has stopped or who looks. Trouble stands always in the same spot. */
function Thumb({
  view,
  way,
  standing,
  onHome,
}: {
  view: RigView;
  way: Way;
  standing: RigStanding;
  onHome: () => void;
}) {
  const { leg } = way.draft;
  const set = way.setLeg;
  const [asks, setAsks] = useState(false);
  const rig = view.rig.id;
  const stays = standing.roll === 'stay';
  const stop = to('road', rig, { walk: 'stop' });
  return (
    <div className="bg-paper border-line sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] z-10 mt-auto grid gap-2.5 border-t px-4 py-3 md:bottom-0 md:grid-cols-[minmax(0,1fr)_16rem] md:px-8">
      {leg === 'rolls' ? (
        <div role="group" aria-label="Stopped, or the passenger?" className="grid grid-cols-2 gap-2.5">
          <LinkButton look="primary" size="lg" href={stop} onClick={() => set('stands')}>
            Stopped: check it
          </LinkButton>
          <Button size="lg" onClick={() => set('passenger')}>
            I am the passenger
          </Button>
        </div>
      ) : (
        <div className="grid grid-cols-3 gap-2.5">
          <LinkButton size="lg" href={stop}>
            Check it
          </LinkButton>
          <Button size="lg" onClick={onHome}>
            Home
          </Button>
          <Button
            look={stays ? 'plain' : 'primary'}
            size="lg"
            onClick={() => (stays && leg === 'stands' ? setAsks(true) : set('rolls'))}
          >
            {leg !== 'stands'
              ? 'Done'
              : stays
                ? 'Drive on anyway'
                : standing.roll === 'creep'
                  ? 'Creep on'
                  : 'Drive on'}
          </Button>
        </div>
      )}
      <LinkButton
        look="danger"
        size="lg"
        href={to('trouble', rig, { into: Math.round(way.miles.into) })}
        onClick={() => set('stands')}
      >
        Trouble
      </LinkButton>
      {asks && (
        <AgainstDialog
          view={view}
          standing={standing}
          onDriven={() => {
            setAsks(false);
            set('rolls');
          }}
          onClose={() => setAsks(false)}
        />
      )}
    </div>
  );
}

/** What comes before any look: to the nearest safe place only, or not at all, and why. */
function Held({ view, standing }: { view: RigView; standing: RigStanding }) {
  const { units } = usePreferences();
  const { limits, against } = standing;
  return (
    <div className="border-stop grid gap-3 border-l-8 pl-4">
      {limits && <RoadLine rig={view.rig.id} limits={limits} now={view.now} big />}
      {!limits && <p className="figures text-4xl font-semibold md:text-5xl">Stay: not towed any farther</p>}
      {against.map((reason) => (
        <p key={reasonHref(view.rig.id, reason)} className="text-lg">
          <Named href={reasonHref(view.rig.id, reason)}>{reasonWords(reason, units, view.now)}</Named>
        </p>
      ))}
    </div>
  );
}

/** A trip under way: one thing is largest, the next look and how far it is; nothing is typed while it rolls. */
export function WayView({
  view,
  ready,
  way: under,
  onHome,
}: {
  view: RigView;
  ready: Ready;
  way: UnderWay;
  /** It came home, so far as is known (m). */
  onHome: (miles: number) => void;
}) {
  const { units } = usePreferences();
  const way = useWay(view, under);
  useWakeLock();
  const asked = way && way.draft.position === true;
  const connected = way?.deck.connected.some(({ id }) => id === 'position');
  useEffect(() => {
    // What is kept of the trip says whether it counts: after a reload it goes on, once stopped nothing begins it again.
    if (asked === undefined || asked === connected) return;
    const deck = deckOf(view.rig.id);
    if (asked) deck.connect(devicePosition(navigator.geolocation));
    else deck.disconnect('position');
  }, [asked, connected, view.rig.id]);
  const leg = way?.draft.leg;
  // Newer browsers promise when it is done: that is nothing to clean up by.
  useEffect(() => void window.scrollTo({ top: 0 }), [leg]);
  if (!way) return <Loading />;
  const { rig, model, now } = view;
  const { miles } = way;
  const { at } = way;
  const come = comeWords(miles, under.told, now, units);
  const standing = standingOf(rig, view.tow, now, { into: miles.into, pace: paceOf(under, way, now) });
  const { next, limits, roll } = standing;
  const line = (roll === 'creep' || roll === 'stay') && (limits ?? standing.against.length > 0);
  const live = Object.keys(way.deck.watch.heard).length > 0;
  const forgotten = daysBetween(under.at, now) >= FORGOTTEN;
  // Unknown miles are for its owner to say.
  const home = () => onHome(miles.by === 'clock' ? under.into : miles.into);
  return (
    <div className="mx-auto flex w-full max-w-[76rem] flex-1 flex-col">
      <div className="grid gap-6 px-4 pt-3 pb-6 md:px-8 md:pt-5">
        <div className="flex flex-wrap items-center justify-between gap-x-4">
          {ready.rigs.length > 1 && (
            <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => to('road', id)} />
          )}
          <p className="text-soft text-lg">
            {ready.rigs.length > 1 ? 'On' : `${model.name}: on`} the road since {sinceWords(under.at, now)}
            {under.walk === undefined && ', without a hitching walk'}
          </p>
        </div>
        {live && <SoundNote mayTap={leg !== 'rolls'} />}
        {forgotten && <Forgotten under={under} onHome={home} />}
        <Alarms
          alarms={way.deck.watch.alarms}
          watch={way.deck.watch}
          rig={rig.id}
          model={model}
          now={at}
          into={miles.into}
        />
        <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
          <div className="grid content-start gap-7">
            {line && <Held view={view} standing={standing} />}
            {next && <Sign next={next} rig={rig} now={now} small={Boolean(line)} />}
            {roll === 'care' && limits && <RoadLine rig={rig.id} limits={limits} now={now} />}
            <p className="text-xl">
              {come.figure && <span className="figures font-semibold">{come.figure} </span>}
              {come.said}
              {under.expected !== undefined &&
                ` · about ${measure(under.expected, 'distance', units, 0)} in all`}
              .
            </p>
            {leg !== 'rolls' && <Standing view={view} under={under} way={way} />}
            <Coming looks={next?.then ?? []} rig={rig} />
          </div>
          <div className="grid content-start gap-7">
            {live && <LiveRig model={model} watch={way.deck.watch} alarms={way.deck.watch.alarms} now={at} />}
            <ShoulderFigures view={view} way={under} />
            {leg !== 'rolls' && <InstrumentsPanel view={view} way={way} />}
            {leg !== 'rolls' && (
              <Link
                prefetch={false}
                className="min-h-11 py-2 underline underline-offset-4"
                href={to('road', rig.id, { show: 'walks' })}
              >
                Other walks, lamps and the kit
              </Link>
            )}
          </div>
        </div>
      </div>
      <Thumb view={view} way={way} standing={standing} onHome={home} />
    </div>
  );
}
