/** Runs in a page beside the application: writes what a journey begins with through the application's own store. */
import { instantOf } from '../src/core/base';
import { makeEntry } from '../src/core/log';
import { currentStep, tap } from '../src/core/routine';
import { well } from '../src/core/testing/well';
import { newId } from '../src/store/ids';
import { YARD_NAMES } from '../src/store/names';
import { YardStore } from '../src/store/yard-store';
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
function open(): YardStore {
  const { yard = 'own' } = JSON.parse(localStorage.getItem('yardline') ?? '{}') as {
    yard?: keyof typeof YARD_NAMES;
  };
  return new YardStore(YARD_NAMES[yard]);
}

async function fill(seeded: string): Promise<void> {
  const drafts = JSON.parse(seeded) as readonly Seeded[];
  const store = new YardStore(YARD_NAMES.own);
  const rig = newId();
  const now = Date.now();
  await store.append(
    drafts.map(({ kind, body, ago = 0 }) => {
      const at = instantOf(now - ago);
      return makeEntry(kind, { id: newId(), rig, happened: at, recorded: at }, body);
    }),
  );
  store.db.close();
}

async function work(id: string, until: string): Promise<readonly string[]> {
  const store = open();
  const titles: string[] = [];
  const matches = new RegExp(until);
  const worked = await store.changeRun(id, (begun) => {
    let run = begun;
    for (let step = currentStep(run); step; step = currentStep(run)) {
      const { title } = stepWords(step, run.model, run.card.house, 'us');
      if (matches.test(title)) break;
      titles.push(title);
      const next = tap(run, step.key, well(step, run.model), run.touched);
      if (!next.ok) return next;
      run = next.value;
    }
    return { ok: true, value: run };
  });
  store.db.close();
  if (!worked.ok) throw new Error(`${titles.at(-1) ?? 'the card'}: ${worked.error.code}`);
  return titles;
}

async function drafts(): Promise<string> {
  const store = open();
  const held = await store.db.drafts.toArray();
  store.db.close();
  return JSON.stringify(held);
}

globalThis.yard = { fill, work, drafts };
