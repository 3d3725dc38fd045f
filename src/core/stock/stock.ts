import type { Instant } from '../base';
import type { Entry, SupplyKept, YardState } from '../log';
import type { RoutinePlace, WorkId } from '../rules';
import { axleOf, isWheelEnd, type RigModel } from '../rig';

/** Grease that goes into one hub at a repack (kg), where nobody weighed it: our estimate. */
export const REPACK_GREASE = 0.06;
/** What a stroke of a gun gives (kg), where its owner has not measured it: our estimate. */
export const STROKE = 0.0008;
/** Strokes into one hub at a greasing, where nobody counted them: our estimate. */
const TOP_UP = 4;
/** Grease into the pivots or gears of a rig (kg): our estimate. */
const CHASSIS = 0.05;
/** Works after which a new pin is in where the nut is locked by one. */
const PINNED: ReadonlySet<WorkId> = new Set([
  'repack',
  'bearing-renew',
  'hub-renew',
  'hub-build',
  'brakes-install',
]);
/** Works that a can of cleaner is begun for, as shares of it: our estimate. */
const CLEANED: ReadonlySet<WorkId> = new Set([
  'brake-measure',
  'shoe-renew',
  'plate-renew',
  'pad-renew',
  'repack',
]);
const CLEANER = 0.25;
/** Sealed connectors at a brake that is wired: two wires. */
const WIRED: ReadonlySet<WorkId> = new Set(['plate-renew', 'magnet-renew', 'brakes-install']);

interface Job {
  readonly routine: WorkId;
  readonly place: RoutinePlace;
}

/** How much of each supply some work takes; grease in kg, the rest in pieces. */
export type Takes = Readonly<Partial<Record<SupplyKept, number>>>;

function add(into: Partial<Record<SupplyKept, number>>, supply: SupplyKept, amount: number): void {
  if (amount > 0) into[supply] = (into[supply] ?? 0) + amount;
}

/** What jobs on a rig take by themselves, where nothing was measured: one of our estimates for each hub, end and pin. */
export function takesOf(jobs: readonly Job[], model: Pick<RigModel, 'axles'>, stroke = STROKE): Takes {
  const takes: Partial<Record<SupplyKept, number>> = {};
  for (const { routine, place } of jobs) {
    if (!isWheelEnd(place)) {
      if (routine === 'pivots' || routine === 'gear-grease') add(takes, 'chassis-grease', CHASSIS);
      continue;
    }
    if (PINNED.has(routine)) {
      add(takes, 'bearing-grease', REPACK_GREASE);
      if (model.axles[axleOf(place)]?.lock !== 'keeper' && model.axles[axleOf(place)]?.lock !== 'tang')
        add(takes, 'pins', 1);
    }
    if (routine === 'grease') add(takes, 'bearing-grease', TOP_UP * stroke);
    if (CLEANED.has(routine)) add(takes, 'brake-cleaner', CLEANER);
    if (WIRED.has(routine)) add(takes, 'connectors', 2);
  }
  return takes;
}

/** What work on record has taken: as it was weighed, by its strokes, else as such work takes it. */
function tookOf(
  entry: Extract<Entry, { kind: 'work' }>,
  model: Pick<RigModel, 'axles'>,
  stroke: number,
): Takes {
  const { jobs, materials, readings, from } = entry.body;
  // What is remembered from before the record took nothing of what is here now.
  if (from === 'memory') return {};
  const takes: Partial<Record<SupplyKept, number>> = { ...takesOf(jobs, model, stroke) };
  const weighed = materials.flatMap(({ place, mass }) =>
    mass === undefined ? [] : [[place, mass] as const],
  );
  const strokes = readings.flatMap(({ place, what, value }) =>
    what === 'strokes' && typeof value === 'number' ? [[place, value * stroke] as const] : [],
  );
  const known = new Map<string, number>();
  for (const [place, mass] of strokes)
    known.set(
      place,
      mass + (jobs.some((job) => job.place === place && PINNED.has(job.routine)) ? REPACK_GREASE : 0),
    );
  for (const [place, mass] of weighed) known.set(place, mass);
  if (known.size > 0) {
    const rest = jobs.filter(({ place }) => !known.has(place));
    const grease =
      (takesOf(rest, model, stroke)['bearing-grease'] ?? 0) +
      [...known.values()].reduce((sum, mass) => sum + mass, 0);
    takes['bearing-grease'] = grease;
  }
  return takes;
}

/** How a supply stands: what is left of it, since when it was counted, and what a stroke gives; nothing of it is known before it is counted or bought. */
export interface Stock {
  readonly left: number;
  readonly counted: Instant;
  /** What a stroke gives (kg): its owner's own figure, or our estimate. */
  readonly stroke: { readonly value: number; readonly own: boolean };
}

/** What is left of a supply: what was counted last, and bought since, less what work on all rigs has taken since. It is never below nothing: what was taken beyond was not counted. */
export function stockLeft(
  entries: readonly Entry[],
  supply: SupplyKept,
  rigs: YardState['rigs'],
): Stock | undefined {
  const own = entries.flatMap((one) => (one.kind === 'supply' && one.body.supply === supply ? [one] : []));
  const first = own.findLast(({ body }) => body.counted !== undefined) ?? own[0];
  if (!first) return undefined;
  const measured = own.findLast(({ body }) => body.stroke !== undefined)?.body.stroke;
  const stroke = measured ?? STROKE;
  let left = 0;
  for (const entry of entries) {
    if (entry.happened < first.happened) continue;
    if (entry.kind === 'supply' && entry.body.supply === supply) {
      if (entry.body.counted !== undefined) left = entry.body.counted;
      left += entry.body.bought ?? 0;
    } else if (entry.kind === 'work') {
      const model = rigs[entry.rig]?.model;
      if (model) left = Math.max(0, left - (tookOf(entry, model, stroke)[supply] ?? 0));
    }
  }
  return { left, counted: first.happened, stroke: { value: stroke, own: measured !== undefined } };
}
