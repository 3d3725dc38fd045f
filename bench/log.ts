import { DAY_MS } from '../src/core/base';
import { demoEntries } from '../demo/scenario';
import { compareEntries, type Entry } from '../src/core/log';

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g;
/** What is told once in a rig's life. */
const ONCE: ReadonlySet<Entry['kind']> = new Set(['rig.setup', 'rig.changed', 'season', 'trip.planned']);

const shifted = (at: string, by: number) => new Date(Date.parse(at) + by).toISOString();

/** An id that was made at a moment: its first part rises with time, the rest tells it from its neighbors. */
function idAt(at: string, of: string, round: number): string {
  const ms = Date.parse(at).toString(16).padStart(12, '0');
  return `${ms.slice(0, 8)}-${ms.slice(8)}-7${round.toString(16).padStart(3, '0')}${of.slice(18)}`;
}

/** One round of the demo's log, moved by some days, as if it had been lived again. */
function lived(entries: readonly Entry[], round: number, by: number): readonly Entry[] {
  const rigs = new Set(entries.map(({ rig }) => rig));
  const ids = new Map(entries.map((entry) => [entry.id, idAt(shifted(entry.recorded, by), entry.id, round)]));
  const again = (id: string) =>
    rigs.has(id) ? id : (ids.get(id) ?? `${id.slice(0, -3)}${round.toString(16).padStart(3, '0')}`);
  return entries.flatMap((entry): readonly Entry[] => {
    if (round > 0 && ONCE.has(entry.kind)) return [];
    const copy = JSON.parse(JSON.stringify(entry).replace(UUID, again)) as Entry;
    const moved = { ...copy, happened: shifted(entry.happened, by), recorded: shifted(entry.recorded, by) };
    if (moved.kind !== 'trip') return [moved];
    // A meter and a tow vehicle do not run the same miles again.
    const { reading: _, vehicle: _vehicle, started: _started, ...body } = moved.body;
    return [{ ...moved, body }];
  });
}

/** A log of some thousand entries in the mix of a real one, up to yesterday: the demo's years lived over and over, on its three rigs. */
export function longLog(count: number): readonly Entry[] {
  const once = demoEntries();
  const ROUND = 115 * DAY_MS;
  const rounds = Math.ceil(count / (once.length - 10)) + 1;
  const end = once.reduce((last, { happened }) => (happened > last ? happened : last), '');
  // What is logged now comes last, as it does for an owner: into the middle of the log it would be a late entry.
  const ends = Math.floor(Date.now() / DAY_MS) * DAY_MS - Date.parse(end);
  const begins = ends - (rounds - 1) * ROUND;
  const all = Array.from({ length: rounds }, (_, round) => lived(once, round, begins + round * ROUND)).flat();
  if (all.length < count) throw new Error(`${all.length} entries, not ${count}`);
  let spare = all.length - count;
  return all.sort(compareEntries).filter(({ kind }) => ONCE.has(kind) || spare-- <= 0);
}

/** How many of each kind a log holds, the most first. */
export function mixOf(log: readonly Entry[]): string {
  const kinds = new Map<string, number>();
  for (const { kind } of log) kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
  const share = (n: number) => `${Math.round((n / log.length) * 100)} %`;
  return [...kinds]
    .sort(([, a], [, b]) => b - a)
    .slice(0, 8)
    .map(([kind, n]) => `${kind} ${share(n)}`)
    .join(', ');
}
