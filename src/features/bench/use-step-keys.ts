import { useEffect, useEffectEvent } from 'react';

/** What a key asks for: space, page and arrow keys are what presenter clickers and foot pedals send. */
export interface KeyActs {
  /** Space, page down, arrow right: on. Beside a counter the space bar counts instead. */
  readonly done?: () => void;
  /** Page up, arrow left. */
  readonly back?: () => void;
  /** Space, arrow up: one more. */
  readonly count?: () => void;
  /** A full stop or `b`, which clickers send for a blank screen. */
  readonly watch?: () => void;
}

const KEYS: Readonly<Record<string, readonly (keyof KeyActs)[]>> = {
  ' ': ['count', 'done'],
  ArrowUp: ['count'],
  PageDown: ['done'],
  ArrowRight: ['done'],
  PageUp: ['back'],
  ArrowLeft: ['back'],
  '.': ['watch'],
  b: ['watch'],
};

/** Two presses closer together (ms) than this are one: clickers chatter, and boots press twice. */
const CHATTER = 250;

/** When a key was last taken (ms), over the change of a step: its page stands anew, the boot is still on the pedal. */
let taken = -CHATTER;

/** What has the focus and uses the key itself: fields all of them, buttons and choices the space bar and the arrows. */
function takesItself(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (target.closest('input, textarea, select, [contenteditable]')) return true;
  return !key.startsWith('Page') && target.closest('button, summary, a, [role=radio]') !== null;
}

/** True for a press that asks for nothing here: held down, with a modifier, under a dialog, or at home where the focus is. */
function isElsewhere(event: KeyboardEvent): boolean {
  return (
    event.defaultPrevented ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    document.querySelector('[role=dialog], [role=alertdialog]') !== null ||
    takesItself(event.target, event.key)
  );
}

/** Works a card by keys, without a touch of the glass; the innermost that knows a key takes it. */
export function useStepKeys(acts: KeyActs): void {
  const press = useEffectEvent((event: KeyboardEvent) => {
    const act = KEYS[event.key]?.map((name) => acts[name]).find((one) => one !== undefined);
    if (!act || isElsewhere(event)) return;
    event.preventDefault();
    const again = event.repeat || event.timeStamp - taken < CHATTER;
    taken = event.timeStamp;
    if (!again) act();
  });
  useEffect(() => {
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
