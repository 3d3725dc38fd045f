/** Runs in a page beside the application: writes what a journey begins with through the application's own store. */
import type { YardName } from '../src/keeper';
import type { Seeded } from '../src/testing/rigs';
import { fillYard, keptDrafts, keptLog, workCard } from '../src/testing/seed';

declare global {
  // What the page offers to the test that loaded it.
  var yard: {
    /** Writes the entries of one rig (as JSON) into the page's own yard. */
    readonly fill: (seeded: string) => Promise<void>;
    /** Works through a card where all is well, until the step whose title matches or its end; gives the titles on the way. */
    readonly work: (run: string, until: string) => Promise<readonly string[]>;
    /** What is half told on this device, as JSON. */
    readonly drafts: () => Promise<string>;
    /** The log of this device, in the order in which it was told. */
    readonly log: () => Promise<readonly unknown[]>;
  };
}

/** The yard this device is set to. */
function yardHere(): YardName {
  const { yard = 'own' } = JSON.parse(localStorage.getItem('yardline') ?? '{}') as { yard?: YardName };
  return yard;
}

globalThis.yard = {
  fill: async (seeded) => {
    await fillYard(JSON.parse(seeded) as readonly Seeded[]);
  },
  work: (run, until) => workCard(yardHere(), run, new RegExp(until)),
  drafts: async () => JSON.stringify(await keptDrafts(yardHere())),
  log: async () => keptLog(yardHere()),
};
