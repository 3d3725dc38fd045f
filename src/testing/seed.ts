import { instantOf } from '@/core/base';
import { toSI } from '@/core/quantity';
import { makeEntry, type Entry, type EntryOf, type Kind } from '@/core/log';
import type { Axle, BrakeKind, HubKind, RigKind, RigModel, StudCount } from '@/core/rig';
import { currentStep, readRun, storeRun, tap } from '@/core/routine';
import { well } from '@/core/testing/well';
import { newId, YARD_NAMES, type YardName } from '@/keeper';
import { Keeper } from '@/keeper/keeper';
import { dexiePort } from '@/keeper/port';
import { stepWords } from '@/text';

/** An entry that a yard begins with; `ago` is how long before now it happened (ms). */
export type Seeded = {
  [K in Kind]: { readonly kind: K; readonly body: EntryOf<K>['body']; readonly ago?: number };
}[Kind];

/** A rig that a test begins with; what is left out nobody has told yet. */
export interface TestRig {
  readonly name: string;
  readonly kind: RigKind;
  readonly axles?: 1 | 2;
  readonly brakes?: BrakeKind;
  readonly hub?: HubKind;
  readonly lock?: 'cotter';
  readonly studs: StudCount;
  /** Lug torque by its maker (lbf·ft). */
  readonly torque?: number;
  /** What the trailer's own meter reads (mi); none where trips are told by their length. */
  readonly meter?: number;
  /** Thread of the spindle (turns to an inch), and the slots and cross holes of its nut. */
  readonly spindle?: { readonly tpi: number; readonly slots: number; readonly holes: 1 | 2 };
}

/** A plain single-axle rig with everything that a repack asks for. */
export const DRIFTWOOD: TestRig = {
  name: 'Driftwood',
  kind: 'utility',
  brakes: 'electric',
  hub: 'plain',
  lock: 'cotter',
  studs: 5,
  torque: 100,
  spindle: { tpi: 14, slots: 6, holes: 2 },
};

/** The entry that sets a rig up. */
export function setUpOf({ axles = 1, spindle, torque, meter, ...rig }: TestRig): Seeded {
  const axle: Axle = {
    suspension: 'leaf',
    ...(rig.brakes && { brake: rig.brakes }),
    ...(rig.hub && { hub: rig.hub }),
    ...(rig.lock && { lock: rig.lock }),
    ...(spindle && {
      threadPitch: { value: toSI(1 / spindle.tpi, 'in'), source: 'marking' },
      slots: { value: spindle.slots, source: 'marking' },
      pinHoles: { value: spindle.holes, source: 'marking' },
    }),
  };
  const model: RigModel = {
    name: rig.name,
    kind: rig.kind,
    axles: Array.from({ length: axles }, () => axle),
    wheels: {
      studs: rig.studs,
      ...(torque && { torque: { value: toSI(torque, 'lbf·ft'), source: 'maker' } }),
    },
    spares: 1,
    miles: meter === undefined ? 'trips' : 'meter',
  };
  return { kind: 'rig.setup', body: { model, ...(meter && { reading: toSI(meter, 'mi') }) } };
}

/** Writes the entries of one rig into this device's own yard, as if another day had told them; gives what lies there. */
export async function fillYard(seeded: readonly Seeded[]): Promise<readonly Entry[]> {
  const port = dexiePort(YARD_NAMES.own);
  const rig = newId();
  const now = Date.now();
  const keeper = new Keeper(port, {
    version: 'seed',
    warn: () => undefined,
    now: '2026-05-16T14:00:00.000Z',
    mark: () => 1,
  });
  const entries = seeded.map(({ kind, body, ago = 0 }) => {
    const at = instantOf(now - ago);
    return makeEntry(kind, { id: newId(), rig, happened: at, recorded: at }, body);
  });
  await keeper.append(entries);
  port.close();
  return entries;
}

/** Works through a card where all is well, until the step whose title matches or its end; gives the titles on the way. */
export async function workCard(yard: YardName, id: string, until: RegExp): Promise<readonly string[]> {
  const port = dexiePort(YARD_NAMES[yard]);
  const titles: string[] = [];
  const held = readRun(await port.get('runs', id));
  if (!held.ok) throw new Error(`the card: ${held.error.detail}`);
  let { run } = held.value;
  for (let step = currentStep(run); step; step = currentStep(run)) {
    const { title } = stepWords(step, run.model, run.card, 'us');
    if (until.test(title)) break;
    titles.push(title);
    const next = tap(run, step.key, well(step, run.model), run.touched);
    if (!next.ok) throw new Error(`${title}: ${next.error.code}`);
    run = next.value;
  }
  await port.change({ put: [{ shelf: 'runs', key: id, value: storeRun(run, held.value.rev + 1) }] });
  port.close();
  return titles;
}

/** What is half told on this device. */
export async function keptDrafts(yard: YardName): Promise<unknown> {
  const port = dexiePort(YARD_NAMES[yard]);
  const held = await port.all('drafts');
  port.close();
  return held;
}
