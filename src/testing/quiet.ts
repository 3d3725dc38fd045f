import 'fake-indexeddb/auto';
/** Whether this device is at work: what was tapped is on its disk before an owner's next tap comes. */

const open = new Set<IDBTransaction>();
const begin = IDBDatabase.prototype.transaction;
IDBDatabase.prototype.transaction = function transaction(...args) {
  const made = begin.apply(this, args);
  open.add(made);
  for (const end of ['complete', 'abort'])
    made.addEventListener(end, () => {
      open.delete(made);
    });
  return made;
};

/** So many turns of the page with nothing under way are quiet: between two reads of one act lie fewer. */
const TURNS = 8;

/** Waits until nothing is being read or written; in turns of the page, not in time, so that a slow machine waits longer. */
export async function quiet(): Promise<void> {
  for (let still = 0; still < TURNS; still = open.size === 0 ? still + 1 : 0)
    await new Promise((resolve) => setTimeout(resolve, 0));
}
