import { useEffect, useMemo, useRef } from 'react';
import { morningPressure, targetAt } from '@/core/judge';
import type { UnderWay } from '@/core/log';
import { countedFrom, milesNow, rolls, type Counting, type Miles, type WatchContext } from '@/core/trip';
import type { DeckState } from '@/instruments';
import { useDraft } from '@/features/forms';
import { beginWay, WAY_DRAFT, wayKey, type WayDraft } from '@/features/road/trip';
import type { RigView } from '@/features/rigs';
import { useYard } from '@/store';
import { deck } from './deck';
import { holdTrailer } from './trailer';
import { useDeck } from './use-deck';
import { useTick } from './use-tick';

/** How often counts are put on disk (ms): after a reload they go on from there. */
const KEPT_EVERY = 8_000;
const TICK = 1_000;

/** A trip as it stands by now. */
export interface Way {
  readonly draft: WayDraft;
  readonly deck: DeckState;
  readonly miles: Miles;
  readonly counting: Counting;
  readonly change: (next: (draft: WayDraft) => WayDraft) => void;
  /** It rolls, stands, or is looked at by a passenger. */
  readonly setLeg: (leg: WayDraft['leg']) => void;
  /** Miles were written to the log: what is counted from here on comes to them. */
  readonly noteTold: () => void;
}

const is = (name: 'position' | 'meter', state: DeckState) =>
  name === 'meter'
    ? state.meter !== undefined
    : state.connected.some(({ reads }) => reads.includes('position')) && state.track.state !== undefined;

/** The counts with what the instruments have come since they were connected (m). */
function counted(kept: Counting, base: Counting, state: DeckState): Counting {
  const on = (before: Counting['position'], from: Counting['position'], come: number | undefined) =>
    come === undefined
      ? before
      : { in: Math.max(before?.in ?? 0, (from?.in ?? 0) + come), told: before?.told ?? 0 };
  return {
    rolled: kept.rolled,
    position: on(kept.position, base.position, is('position', state) ? state.track.distance : undefined),
    instrument: on(
      kept.instrument,
      base.instrument,
      state.meter && is('meter', state) ? state.meter.last - state.meter.first : undefined,
    ),
  };
}

/** What was counted on disk when the instruments of a trip were connected; outlives the page, as they do. */
let based: { readonly trip: string; readonly counting: Counting } | undefined;

/** The trip under way, live: its miles, its instruments, and who looks at it. */
export function useWay(view: RigView, way: UnderWay): Way | undefined {
  const { rig, model, house } = view;
  const { state, change, set } = useDraft(WAY_DRAFT, wayKey(rig.id));
  const { store } = useYard();
  const told = useDeck();
  useTick(TICK);
  const context = useMemo<WatchContext>(
    () => ({
      model,
      target: (place) => targetAt(place, model, house),
      morning: (place) => morningPressure(rig.read, place, way.at),
    }),
    [model, house, rig.read, way.at],
  );
  useEffect(() => deck.attend(rig.id, way.entry, context), [rig.id, way.entry, context]);
  const mine = typeof state === 'object' && state.trip === way.entry ? state : undefined;
  const fresh = state !== 'loading' && !mine;
  useEffect(() => {
    // Begun on another device, or before this one kept anything of it.
    if (fresh) void set(beginWay(way.entry));
  }, [fresh, set, way.entry]);
  if (mine && based?.trip !== way.entry) based = { trip: way.entry, counting: mine.counting };
  const stands = mine?.leg === 'stands';
  useEffect(() => holdTrailer(stands), [stands]);
  const here = told.trip === way.entry;
  const counting =
    mine && here ? counted(mine.counting, based?.counting ?? {}, told) : (mine?.counting ?? {});
  const newest = useRef(counting);
  useEffect(() => {
    newest.current = counting;
  });
  const meter = told.meter?.from;
  const kept = mine !== undefined;
  useEffect(() => {
    if (!kept) return;
    const timer = setInterval(
      () =>
        change((draft) => ({
          ...draft,
          // How long it has rolled is the draft's own to say.
          counting: { ...newest.current, rolled: draft.counting.rolled },
          ...(meter && { meter }),
        })),
      KEPT_EVERY,
    );
    return () => clearInterval(timer);
  }, [kept, change, meter]);
  if (!mine) return undefined;
  return {
    draft: mine,
    deck: here ? told : { ...told, connected: [] },
    counting,
    miles: milesNow(way, counting, store.clock.now()),
    change,
    setLeg: (leg) => {
      const now = store.clock.now();
      change((draft) => ({ ...draft, leg, counting: rolls(draft.counting, leg !== 'stands', now) }));
    },
    noteTold: () => {
      const now = store.clock.now();
      const { position, instrument } = newest.current;
      change((draft) => ({
        ...draft,
        counting: countedFrom({ position, instrument, rolled: draft.counting.rolled }, now),
      }));
    },
  };
}
