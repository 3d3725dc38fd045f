import { makeEntry, type Entry } from '../src/core/log';
import { toSI } from '../src/core/quantity';
import type { WheelEnd } from '../src/core/rig';
import { sampleModel } from '../src/core/testing/arbitraries';
import { randomFrom } from '../demo/random';

const PLACES: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];
const START = Date.parse('2006-05-01T08:00:00.000Z');
const HOUR = 3_600_000;

/** A log of some thousand entries on three rigs: trips, rechecks, work, notes, findings, and some corrected or withdrawn. */
export function longLog(count: number): readonly Entry[] {
  const random = randomFrom(7);
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
  const rigs = [1, 2, 3].map((n) => `0100f000-0000-7000-8000-00000000000${n}`);
  const uuid = (n: number) => `0100f000-0000-7000-9000-${n.toString(16).padStart(12, '0')}`;
  const entries: Entry[] = [];
  const add = (kind: Parameters<typeof makeEntry>[0], rig: string, body: unknown, replaces?: string) => {
    const i = entries.length;
    const at = new Date(START + i * 8 * HOUR).toISOString();
    entries.push(makeEntry(kind, { id: uuid(i), rig, happened: at, recorded: at, replaces }, body as never));
  };
  for (const rig of rigs) add('rig.setup', rig, { model: sampleModel({ axles: 2 }) });
  while (entries.length < count) {
    const rig = pick(rigs);
    const place = pick(PLACES);
    const roll = random();
    const trip = { distance: toSI(20 + Math.floor(random() * 180), 'mi'), launches: 0 };
    if (roll < 0.7) add('trip', rig, trip);
    else if (roll < 0.82) add('note', rig, { text: 'parked under the oak, all as it was' });
    else if (roll < 0.9)
      add('work', rig, {
        jobs: [{ routine: 'repack', place }],
        from: 'bench',
        readings: [{ place, what: 'end-play', value: 0.00015 }],
        conditions: [{ place, subject: 'rollers', grade: 'mirror' }],
        materials: [{ place, grease: 'lithium-complex' }],
        renewed: [{ place, part: 'seal' }],
        refits: [{ place, limits: [10, 25, 50].map((mi) => toSI(mi, 'mi')) }],
        skipped: [],
      });
    else if (roll < 0.95) add('recheck', rig, { place, result: 'held' });
    else {
      const target = [...entries].reverse().find((entry) => entry.kind === 'trip');
      if (target)
        add(
          roll < 0.98 ? 'trip' : 'void',
          target.rig,
          roll < 0.98 ? trip : { target: target.id },
          roll < 0.98 ? target.id : undefined,
        );
    }
  }
  return entries;
}
