import type { InstrumentNamed } from '@/core/log';
import type { Quality } from '@/core/road';

/** What an instrument reads at a place by now, in SI. */
export interface Live {
  readonly value: number;
  readonly quality: Quality;
  readonly from: InstrumentNamed;
}

type Values = Readonly<Record<string, Live>>;

const live = new Map<string, Values>();
const listeners = new Set<() => void>();

/** Tells what the instruments of a rig read by now, by channel and place. */
export function publishLive(rig: string, next: Values): void {
  const before = live.get(rig) ?? {};
  const values = Object.entries(next).map(([key, one]) => {
    const old = before[key];
    return [key, old?.value === one.value && old.quality === one.quality ? old : one] as const;
  });
  live.set(rig, Object.fromEntries(values));
  for (const listener of listeners) listener();
}

/** What is read of something at a place of a rig by now; the same object until it is another figure. */
export function liveAt(rig: string, what: string, place: string): Live | undefined {
  return live.get(rig)?.[`${what}@${place}`];
}

/** Hears when an instrument tells; returns what stops it. */
export function onLive(heard: () => void): () => void {
  listeners.add(heard);
  return () => listeners.delete(heard);
}
