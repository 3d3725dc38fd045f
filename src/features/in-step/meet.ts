import type { AnswerTo, AskName, AskOf } from '@/keeper';
import { setStep } from './status';

/** What is needed of a yard to meet the others. */
interface Yard {
  readonly send: <K extends AskName>(name: K, ask: AskOf<K>) => Promise<AnswerTo<K>>;
  readonly clock: { readonly now: () => string };
}

/** What browsers say of a folder before it is opened; some do not say. */
interface Permitted {
  readonly queryPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
}

/** Meets the other devices in the folder that was chosen, one tab at a time; `tapped` may ask the browser's user, `accept` takes in what was asked about. */
export async function meet(yard: Yard, { tapped = false, accept = false } = {}): Promise<void> {
  const { handle } = await yard.send('folder', { of: 'step' });
  if (!handle) return;
  const folder = handle as FileSystemDirectoryHandle & Permitted;
  const how = { mode: 'readwrite' } as const;
  let may = (await folder.queryPermission?.(how)) ?? 'granted';
  if (may !== 'granted' && tapped) may = (await folder.requestPermission?.(how)) ?? may;
  if (may !== 'granted') return setStep({ at: 'ask' });
  await navigator.locks.request('yardline in step', { ifAvailable: true }, async (lock) => {
    if (!lock) return;
    setStep({ at: 'meeting' });
    try {
      const now = yard.clock.now();
      const done = await yard.send('keepInStep', { handle, now, ...(accept && { accept }) });
      setStep('strange' in done ? { at: 'asks', ...done } : { at: 'met', when: now, done });
    } catch (error) {
      setStep({ at: 'failed', reason: error instanceof Error ? error.message : String(error) });
    }
  });
}
