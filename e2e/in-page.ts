/** Runs in a page beside the application: writes what a journey begins with through the application's own store. */
import { instantOf } from '../src/core/base';
import { makeEntry } from '../src/core/log';
import { currentStep, readRun, storeRun, tap } from '../src/core/routine';
import { well } from '../src/core/testing/well';
import { newId, YARD_NAMES } from '../src/keeper';
import { Keeper } from '../src/keeper/keeper';
import { dexiePort } from '../src/keeper/port';
import { stepWords } from '../src/text';
import type { Seeded } from './by-script';

declare global {
  // What the page offers to the test that loaded it.
  var yard: {
    /** Writes the entries of one rig (as JSON) into the page's own yard. */
    readonly fill: (seeded: string) => Promise<void>;
    /** Works through a card where all is well, until the step whose title matches or its end; gives the titles on the way. */
    readonly work: (run: string, until: string) => Promise<readonly string[]>;
    /** What is half told on this device, as JSON. */
    readonly drafts: () => Promise<string>;
  };
}

/** The yard this device is set to. */
function open() {
  const { yard = 'own' } = JSON.parse(localStorage.getItem('yardline') ?? '{}') as {
    yard?: keyof typeof YARD_NAMES;
  };
  return dexiePort(YARD_NAMES[yard]);
}

async function fill(seeded: string): Promise<void> {
  const drafts = JSON.parse(seeded) as readonly Seeded[];
  const port = dexiePort(YARD_NAMES.own);
  const rig = newId();
  const now = Date.now();
  const keeper = new Keeper(port, {
    version: 'seed',
    warn: () => undefined,
    now: '2026-05-16T14:00:00.000Z',
    mark: () => 1,
  });
  await keeper.append(
    drafts.map(({ kind, body, ago = 0 }) => {
      const at = instantOf(now - ago);
      return makeEntry(kind, { id: newId(), rig, happened: at, recorded: at }, body);
    }),
  );
  port.close();
}

async function work(id: string, until: string): Promise<readonly string[]> {
  const port = open();
  const titles: string[] = [];
  const matches = new RegExp(until);
  const held = readRun(await port.get('runs', id));
  if (!held.ok) throw new Error(`the card: ${held.error.detail}`);
  let { run } = held.value;
  for (let step = currentStep(run); step; step = currentStep(run)) {
    const { title } = stepWords(step, run.model, run.card, 'us');
    if (matches.test(title)) break;
    titles.push(title);
    const next = tap(run, step.key, well(step, run.model), run.touched);
    if (!next.ok) throw new Error(`${title}: ${next.error.code}`);
    run = next.value;
  }
  await port.change({ put: [{ shelf: 'runs', key: id, value: storeRun(run, held.value.rev + 1) }] });
  port.close();
  return titles;
}

async function drafts(): Promise<string> {
  const port = open();
  const held = await port.all('drafts');
  port.close();
  return JSON.stringify(held);
}

globalThis.yard = { fill, work, drafts };
