import { instantOf } from '@/core/base';
import { makeEntry, type Entry } from '@/core/log';
import { currentStep, readRun, storeRun, tap } from '@/core/routine';
import { well } from '@/core/testing/well';
import { newId, YARD_NAMES, type YardName } from '@/keeper';
import { Keeper } from '@/keeper/keeper';
import { dexiePort } from '@/keeper/port';
import { stepWords } from '@/text';
import type { Seeded } from './rigs';

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

/** The log of this device, in the order in which it was told. */
export async function keptLog(yard: YardName): Promise<readonly unknown[]> {
  const port = dexiePort(YARD_NAMES[yard]);
  const held = await port.log(0);
  port.close();
  return held.map(({ raw }) => raw as { readonly id: string }).sort((a, b) => (a.id < b.id ? -1 : 1));
}
