import { msOf, type Instant } from '@/core/base';
import type { NewEntry } from '@/core/record';

/** So long (ms) after an act the very same one is the second half of a double tap. */
const SAME_TAP = 1500;
/** What happens so near to now (ms) happens now. */
const NOW = 60_000;

/** What an act would write, whatever ids were made for it and to the moment: two taps of one act are alike. */
export function actKey(rig: string, entries: readonly NewEntry[], now: Instant): string {
  const text = JSON.stringify([
    rig,
    entries.map(({ happened, ...rest }) => ({
      ...rest,
      happened: happened && Math.abs(msOf(happened) - msOf(now)) > NOW ? happened : 'now',
    })),
  ]);
  return entries.reduce((told, { id }, i) => (id ? told.replaceAll(id, `#${i}`) : told), text);
}

/** Does an act once: asked for again while it is under way, or just after, it is the same one, and what it came to is what it came to. */
export class Once {
  private last:
    { readonly key: string; readonly came: Promise<unknown>; done: number | undefined } | undefined;

  constructor(private readonly clock: () => number) {}

  do<T>(key: string, work: () => Promise<T>): Promise<T> {
    const { last } = this;
    if (last?.key === key && (last.done === undefined || this.clock() - last.done < SAME_TAP))
      return last.came as Promise<T>;
    const came = work();
    const mine: { readonly key: string; readonly came: Promise<T>; done: number | undefined } = {
      key,
      came,
      done: undefined,
    };
    this.last = mine;
    came.then(
      () => (mine.done = this.clock()),
      // What failed can be tried again at once.
      () => this.last === mine && this.forget(),
    );
    return came;
  }

  /** The same again is another act, as after it was taken back. */
  forget(): void {
    this.last = undefined;
  }
}
