/** A note that passes, with one thing that can be done about it. */
export interface Note {
  readonly text: string;
  readonly action?: { readonly label: string; readonly do: () => void };
}

let waiting: readonly Note[] = [];
const listeners = new Set<() => void>();

function changed(): void {
  for (const listener of listeners) listener();
}

/** Says something that passes by itself. */
export function say(text: string, action?: Note['action']): void {
  waiting = [...waiting, { text, ...(action && { action }) }];
  changed();
}

/** Takes the notes that wait to be shown. */
export function takeNotes(): readonly Note[] {
  const taken = waiting;
  waiting = [];
  return taken;
}

/** Whether notes wait. */
export const hasNotes = (): boolean => waiting.length > 0;

/** Calls back whenever a note is said. */
export function onNote(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
