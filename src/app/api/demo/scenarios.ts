import { demoEntries } from '../../../../demo/scenario';

/** So many scenarios are held at once: a megabyte or so each. */
const HELD = 8;

const held = new Map<string, Promise<string>>();

/** The demo scenario of a date and seed as the text of its answer; worked out once, however often it is asked for at a time. Rejects where there is none for that day. */
export function scenario(date: string, seed: number): Promise<string> {
  const key = `${date} ${seed}`;
  const known = held.get(key);
  if (known) {
    // What was asked for last is let go of last.
    held.delete(key);
    held.set(key, known);
    return known;
  }
  const made = Promise.resolve().then(() => JSON.stringify({ date, seed, entries: demoEntries(date, seed) }));
  held.set(key, made);
  made.catch(() => held.delete(key));
  const [oldest] = held.keys();
  if (held.size > HELD && oldest !== undefined) held.delete(oldest);
  return made;
}
