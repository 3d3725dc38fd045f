import type { InstrumentNamed } from '@/core/log';
import type { Quality } from '@/core/trip';

/** What an instrument reads at a place by now, in SI. */
export interface Live {
  readonly value: number;
  readonly quality: Quality;
  readonly from: InstrumentNamed;
}

type Values = Readonly<Record<string, Live>>;

const NONE: Values = {};
let values: Values = NONE;
let of: string | undefined;
const listeners = new Set<() => void>();

/** Tells what the instruments of a rig read by now, by channel and place. */
export function publishLive(rig: string | undefined, next: Values): void {
  of = rig;
  const changed = Object.entries(next).map(([key, live]) => {
    const before = values[key];
    return [key, before?.value === live.value && before.quality === live.quality ? before : live] as const;
  });
  values = Object.fromEntries(changed);
  for (const listener of listeners) listener();
}

/** What is read of something at a place of a rig by now; the same object until it is another figure. */
export function liveAt(rig: string, what: string, place: string): Live | undefined {
  return rig === of ? values[`${what}@${place}`] : undefined;
}

/** Hears when an instrument tells; returns what stops it. */
export function onLive(heard: () => void): () => void {
  listeners.add(heard);
  return () => listeners.delete(heard);
}
