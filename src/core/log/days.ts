import type { CivilDay, Instant } from '../base';
import type { Entry } from './entry';
import { REGISTRY } from './registry';

/** The day that a moment is where it is written down. */
export type DayOf = (at: Instant) => CivilDay;

/** The moments of an entry that mean a day, by name: when it happened, and those its body names. */
export function momentsIn(entry: Entry): readonly (readonly [name: string, at: Instant])[] {
  const { moments } = REGISTRY[entry.kind] as unknown as {
    readonly moments?: (body: Entry['body']) => Readonly<Record<string, Instant | undefined>>;
  };
  const named = Object.entries(moments?.(entry.body) ?? {}).flatMap(([name, at]) =>
    at === undefined ? [] : [[name, at] as const],
  );
  return [['happened', entry.happened], ...named];
}

/** An entry with the day of each of its moments beside it; days that it has already stay. */
export function withDays(entry: Entry, dayOf: DayOf): Entry {
  const moments = momentsIn(entry);
  const { days } = entry;
  if (days && moments.every(([name]) => days[name] !== undefined)) return entry;
  return {
    ...entry,
    days: Object.fromEntries(moments.map(([name, at]) => [name, days?.[name] ?? dayOf(at)])),
  };
}

/** The moments of some entries that were written down as another day than they are by `dayOf`: a day is what was written. */
export function daysApart(entries: readonly Entry[], dayOf: DayOf): Readonly<Record<Instant, CivilDay>> {
  const apart: Record<Instant, CivilDay> = {};
  for (const entry of entries) {
    const { days } = entry;
    if (days)
      for (const [name, at] of momentsIn(entry)) {
        const day = days[name];
        if (day !== undefined && day !== dayOf(at)) apart[at] = day;
      }
  }
  return apart;
}
