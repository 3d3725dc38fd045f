import { useEffect, useMemo, useRef } from 'react';
import type { Instant } from '@/core/base';
import { morningPressure, targetAt } from '@/core/judge';
import type { UnderWay } from '@/core/log';
import {
  countOn,
  countsFrom,
  milesNow,
  rolls,
  type Counting,
  type Miles,
  type WatchContext,
} from '@/core/road';
import { instrumentNow, type DeckState } from '@/instruments';
import { useDraft } from '@/features/forms';
import { beginWay, WAY_DRAFT, wayKey, type WayDraft } from '@/features/road/trip';
import type { RigView } from '@/features/rigs';
import { useYard } from '@/store';
import { reported } from '@/ui';
import { deckOf } from './deck';
import { isHeard, tryOut } from './sound';
import { holdTrailer } from './trailer';
import { useDeck } from './use-deck';
import { useTick } from './use-tick';

/** How often counts are put on disk (ms): after a reload they go on from there. */
const KEPT_EVERY = 8_000;
const TICK = 1_000;
/** An instrument that told nothing for so long (ms) counts nothing. */
const QUIET = 60_000;

/** A trip as it stands by now. */
export interface Way {
  readonly draft: WayDraft;
  readonly deck: DeckState;
  readonly miles: Miles;
  /** The moment it is by the instruments' own clock (ms). */
  readonly at: number;
  readonly counting: Counting;
  readonly change: (next: (draft: WayDraft) => WayDraft) => void;
  /** It rolls, stands, or is looked at by a passenger. */
  readonly setLeg: (leg: WayDraft['leg']) => void;
}

/** The counts with what has come by a moment of what counts and told of late (m). */
function counted(
  kept: Counting,
  { base, track, meter, came }: DeckState,
  clock: number,
  now: Instant,
): Counting {
  const tells = (at: number | undefined) => at !== undefined && clock - at <= QUIET;
  const located =
    tells(came.position) && track.state !== undefined
      ? countOn(kept, 'position', base.position + track.distance, now)
      : kept;
  return tells(came.instrument) && meter
    ? countOn(located, 'instrument', base.instrument + meter.last - meter.first, now)
    : located;
}

/** The newest counts, since when it rolls as the draft has it: another tab may have stopped it, and the log may have heard of miles. */
function sinceWhen(newest: Counting, draft: Counting, way: UnderWay, now: Instant): Counting {
  const kept = countsFrom(draft, way, now);
  const { rolled } = kept;
  // Of other miles that were told: nothing of it counts any more.
  if (newest.from !== kept.from) return kept;
  if (!rolled) return newest;
  const before = Math.max(
    rolled.before,
    newest.rolled?.since === rolled.since ? (newest.rolled?.before ?? 0) : 0,
  );
  return { ...newest, rolled: { ...rolled, before } };
}

/** The trip under way, live: its miles, its instruments, and who looks at it. */
export function useWay(view: RigView, way: UnderWay): Way | undefined {
  const { rig, model, house } = view;
  const { state, change, set } = useDraft(WAY_DRAFT, wayKey(rig.id));
  const { store } = useYard();
  const told = useDeck(rig.id);
  const tick = useTick(TICK);
  const context = useMemo<WatchContext>(
    () => ({
      model,
      target: (place) => targetAt(place, model, house),
      morning: (place) => morningPressure(rig.read, place, way.at),
    }),
    [model, house, rig.read, way.at],
  );
  const mine = typeof state === 'object' && state.trip === way.entry ? state : undefined;
  const fresh = state !== 'loading' && !mine;
  useEffect(() => {
    // Begun on another device, or before this one kept anything of it.
    if (fresh) reported(set(beginWay(way.entry)));
  }, [fresh, set, way.entry]);
  const position = mine?.counting.position?.in ?? 0;
  const instrument = mine?.counting.instrument?.in ?? 0;
  const ready = mine !== undefined;
  useEffect(() => {
    if (ready) deckOf(rig.id).attend(rig.id, way.entry, context, { position, instrument });
  }, [ready, rig.id, way.entry, context, position, instrument]);
  const stands = mine?.leg === 'stands';
  useEffect(() => holdTrailer(rig.id, stands), [rig.id, stands]);
  const here = told.trip === way.entry;
  const now = store.clock.now();
  const kept = mine && countsFrom(mine.counting, way, now);
  const counting = kept && here ? counted(kept, told, tick, now) : (kept ?? {});
  const newest = useRef(counting);
  const trip = useRef(way);
  useEffect(() => {
    newest.current = counting;
    trip.current = way;
  });
  const unheard = mine !== undefined && (mine.counting.from ?? way.at) !== way.told;
  useEffect(() => {
    if (!unheard) return;
    change((draft) => ({
      ...draft,
      counting: countsFrom(draft.counting, trip.current, store.clock.now()),
    }));
  }, [unheard, change, store]);
  const meter = told.meter?.from;
  useEffect(() => {
    if (!ready) return;
    const timer = setInterval(
      () =>
        change((draft) => ({
          ...draft,
          counting: sinceWhen(newest.current, draft.counting, trip.current, store.clock.now()),
          ...(meter && { meter }),
        })),
      KEPT_EVERY,
    );
    return () => clearInterval(timer);
  }, [ready, change, meter, store]);
  if (!mine) return undefined;
  return {
    draft: mine,
    deck: here ? told : { ...told, connected: [] },
    counting,
    miles: milesNow(way, counting, now),
    at: instrumentNow(told, tick),
    change,
    setLeg: (leg) => {
      // A tap that sets off: the last one before an alarm may have to sound.
      if (leg === 'rolls' && !isHeard()) reported(tryOut());
      const now = store.clock.now();
      change((draft) => ({
        ...draft,
        leg,
        counting: rolls(sinceWhen(newest.current, draft.counting, way, now), leg !== 'stands', now),
      }));
    },
  };
}
