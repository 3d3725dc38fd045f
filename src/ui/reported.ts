import { unreadWords, unstoredWords } from '@/text';
import { say } from './toast-queue';

/** Failures that were said already: whoever hands one on need not say it again. */
const said = new WeakSet<object>();

/** Says, once, that the device could not store something. */
export function sayUnstored(error: unknown): void {
  if (typeof error === 'object' && error !== null) {
    if (said.has(error)) return;
    said.add(error);
  }
  say(unstoredWords(error));
}

/** The one way to leave work to itself: what goes wrong with it is said. What writes is said not to be stored, what reads not to be read. */
export function reported(work: Promise<unknown>, kind: 'writes' | 'reads' = 'writes'): void {
  work.catch(kind === 'writes' ? sayUnstored : (error: unknown) => say(unreadWords(error)));
}
