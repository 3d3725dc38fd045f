import { foldEntries, makeEntry, workOf, type Entry, type EntryOf, type Kind, type RigState } from '../log';
import { DAY_MS, toSI } from '../base';
import type { RigModel } from '../rig';
import type { RoutineId, RoutinePlace } from '../rules';

/** Miles as SI (m). */
export const mi = (value: number) => toSI(value, 'mi');

/** A story of one rig, told by days counted from its first. */
export interface Story {
  readonly rig: string;
  readonly day: (n: number) => string;
  readonly entry: <K extends Kind>(kind: K, at: number, body: EntryOf<K>['body']) => Entry;
  readonly setup: (model: RigModel) => Entry;
  readonly trip: (at: number, miles: number, launches?: number) => Entry;
  readonly done: (at: number, ...jobs: readonly (readonly [RoutineId, RoutinePlace])[]) => Entry;
  readonly rigOf: (...entries: Entry[]) => RigState;
}

/** A story that begins on a day, `2025-05-01`. */
export function storyFrom(first: string): Story {
  const rig = '0196d000-0000-7000-8000-0000000000aa';
  const start = Date.parse(`${first}T12:00:00.000Z`);
  const day = (n: number) => new Date(start + n * DAY_MS).toISOString();
  let serial = 0;
  const entry: Story['entry'] = (kind, at, body) => {
    serial += 1;
    const id = `0196d000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
    return makeEntry(kind, { id, rig, happened: day(at), recorded: day(at) }, body);
  };
  return {
    rig,
    day,
    entry,
    setup: (model) => entry('rig.setup', 0, { model }),
    trip: (at, miles, launches = 0) => entry('trip', at, { distance: mi(miles), launches }),
    done: (at, ...jobs) => entry('work', at, workOf(jobs.map(([routine, place]) => ({ routine, place })))),
    rigOf: (...entries) => {
      const state = foldEntries(entries).state.rigs[rig];
      if (!state) throw new Error('no rig');
      return state;
    },
  };
}
