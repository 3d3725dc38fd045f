import {
  channelKey,
  channelQuality,
  NO_TRACK,
  NO_WATCH,
  track,
  watchOn,
  type Sample,
  type Track,
  type Watch,
  type WatchContext,
} from '@/core/road';
import type { Failure, Instrument, Told } from './instrument';
import { publishLive, type Live } from './live';

/** An instrument at work, or why it is not any more. */
export interface Connected {
  readonly id: string;
  readonly named: Instrument['named'];
  readonly reads: Instrument['reads'];
  readonly state: 'on' | 'ended' | Failure;
}

/** What the instruments of one rig tell by now. Miles are those counted since each was connected (m). */
export interface DeckState {
  readonly rig: string | undefined;
  readonly trip: string | undefined;
  /** What was counted of the trip before (m). */
  readonly base: { readonly position: number; readonly instrument: number };
  readonly watch: Watch;
  readonly connected: readonly Connected[];
  readonly track: Track;
  readonly meter:
    { readonly first: number; readonly last: number; readonly from: Instrument['named'] } | undefined;
  /** When what counts miles told last, by the device's clock (ms). */
  readonly came: { readonly position?: number; readonly instrument?: number };
  /** The moment of the newest figure (ms), by the instruments' own clock, and when it came by the device's. */
  readonly heard: { readonly at: number; readonly came: number } | undefined;
}

const EMPTY: DeckState = {
  rig: undefined,
  trip: undefined,
  base: { position: 0, instrument: 0 },
  watch: NO_WATCH,
  connected: [],
  track: NO_TRACK,
  meter: undefined,
  came: {},
  heard: undefined,
};

/** Listeners hear no oftener than this (ms): a screen is not drawn for each figure. */
const SELDOM = 200;

/** The instruments at work on a rig, one trip at a time; they go on while pages come and go. */
export class Deck {
  private now: DeckState = EMPTY;
  private about: WatchContext | undefined;
  private readonly stops = new Map<string, () => void>();
  private readonly listeners = new Set<() => void>();
  private telling: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly clock: () => number) {}

  readonly state = (): DeckState => this.now;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Holds values against the figures of a rig on a trip, counting on from what was counted of it before; those of another are put away. */
  attend(rig: string, trip: string, about: WatchContext, base: DeckState['base']): void {
    this.about = about;
    if (this.now.trip === trip) return;
    this.stopAll();
    this.now = { ...EMPTY, rig, trip, base };
    this.tell();
  }

  /** Begins to hear an instrument; one with its name that was there is stopped. */
  connect(instrument: Instrument): void {
    this.disconnect(instrument.id);
    const { id, named, reads } = instrument;
    this.put({ connected: [...this.now.connected, { id, named, reads, state: 'on' }] });
    this.stops.set(
      id,
      instrument.start((told) => this.hear(id, told)),
    );
  }

  /** Stops hearing an instrument. */
  disconnect(id: string): void {
    this.stops.get(id)?.();
    this.stops.delete(id);
    if (this.now.connected.some((one) => one.id === id))
      this.put({ connected: this.now.connected.filter((one) => one.id !== id) });
  }

  /** Stops all instruments and forgets what they told. */
  private stopAll(): void {
    for (const stop of this.stops.values()) stop();
    this.stops.clear();
  }

  private hear(id: string, told: Told): void {
    // One that was lost and tells again is back.
    if (told.told === 'sample' || told.told === 'fix') this.back(id);
    const { now } = this;
    if (told.told === 'sample') this.put(this.sampled(told.sample));
    else if (told.told === 'fix')
      this.put({
        track: track(now.track, told.fix),
        came: { ...now.came, position: this.clock() },
        heard: { at: told.fix.at, came: this.clock() },
      });
    else {
      const state = told.told === 'end' ? 'ended' : told.why;
      this.put({ connected: now.connected.map((one) => (one.id === id ? { ...one, state } : one)) });
    }
  }

  private back(id: string): void {
    const { connected } = this.now;
    if (connected.some((one) => one.id === id && one.state === 'lost'))
      this.put({ connected: connected.map((one) => (one.id === id ? { ...one, state: 'on' } : one)) });
  }

  private sampled(sample: Sample): Partial<DeckState> {
    const { now, about } = this;
    if (!about) return {};
    const watch = watchOn(now.watch, sample, about);
    const good = watch.heard[channelKey('distance', 'rig')]?.good;
    const counts = sample.what === 'distance' && good === sample;
    return {
      watch,
      heard: { at: sample.at, came: this.clock() },
      ...(counts && {
        came: { ...now.came, instrument: this.clock() },
        meter: {
          first: Math.min(now.meter?.first ?? sample.value, sample.value),
          last: sample.value,
          from: sample.from,
        },
      }),
    };
  }

  private put(change: Partial<DeckState>): void {
    this.now = { ...this.now, ...change };
    this.telling ??= setTimeout(() => this.tell(), SELDOM);
  }

  private tell(): void {
    clearTimeout(this.telling);
    this.telling = undefined;
    if (this.now.rig !== undefined) publishLive(this.now.rig, this.live());
    for (const listener of this.listeners) listener();
  }

  /** What each channel reads by now, for the fields of any page. */
  private live(): Readonly<Record<string, Live>> {
    const { watch } = this.now;
    const at = instrumentNow(this.now, this.clock());
    return Object.fromEntries(
      Object.entries(watch.heard).flatMap(([key, { good }]) => {
        if (!good) return [];
        const quality = channelQuality(watch, good.what, good.place, at) ?? 'silent';
        return [[key, { value: good.value, quality, from: good.from }] as const];
      }),
    );
  }
}

/** The moment it is by the instruments' clock (ms): a recording or a simulation may run faster than the device's. */
export function instrumentNow({ heard }: Pick<DeckState, 'heard'>, clock: number): number {
  return heard ? heard.at + Math.max(0, clock - heard.came) : clock;
}
