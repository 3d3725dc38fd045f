import { CHOSEN_RIG_KEY } from './preferences-key';

/** Where the browser keeps nothing: of this visit alone. */
let unkept: string | undefined;

function asked(from: () => Storage): string | undefined {
  try {
    return from().getItem(CHOSEN_RIG_KEY) ?? undefined;
  } catch {
    return undefined;
  }
}

/** The rig that was in hand last in this tab, or on this device where the tab is new. */
export function chosenRig(): string | undefined {
  return unkept ?? asked(() => sessionStorage) ?? asked(() => localStorage);
}

/** Keeps the rig in hand: a place opened without one is of it, in this tab and in the next one opened. */
export function keepChosenRig(rig: string): void {
  if (chosenRig() === rig) return;
  try {
    sessionStorage.setItem(CHOSEN_RIG_KEY, rig);
    localStorage.setItem(CHOSEN_RIG_KEY, rig);
    unkept = undefined;
  } catch {
    unkept = rig;
  }
}
