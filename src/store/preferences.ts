'use client';

import { useState, useSyncExternalStore } from 'react';
import * as z from 'zod/mini';
import { CLOCK_KEY, PREFERENCES_KEY, VISITED_KEY } from './preferences-key';

const schema = z.object({
  units: z.catch(z.enum(['us', 'metric']), 'us'),
  /** By the device, or always day, night, or full contrast for sun. */
  theme: z.catch(z.enum(['auto', 'day', 'night', 'sun']), 'auto'),
  /** Huge targets and no typing on the Bench. */
  gloves: z.catch(z.boolean(), false),
  /** Cards by chapter, one tap for many steps, for whoever knows the job. */
  chapters: z.catch(z.boolean(), false),
  /** Steps of a card are read out. */
  aloud: z.catch(z.boolean(), false),
  /** How fast they are read, in times the voice's own speed. */
  rate: z.catch(z.enum(['0.8', '1', '1.25']), '1'),
  /** The figures that were used last, newest first. */
  figures: z.catch(z.array(z.string()), []),
  /** The line that says it is the demo is folded away. */
  demoFolded: z.catch(z.boolean(), false),
  /** A folder was chosen that other devices share; which one is kept with the yard. */
  inStep: z.catch(z.boolean(), false),
  yard: z.catch(z.enum(['own', 'demo']), process.env['NEXT_PUBLIC_YARD'] === 'demo' ? 'demo' : 'own'),
});

/** What this device is set to; the log knows nothing of it. */
export type Preferences = z.infer<typeof schema>;

/** Settings of this visit, where the browser keeps none: blocked cookies refuse even to be asked. */
const unkept = new Map<string, string>();

function kept(key: string): string | null {
  try {
    return unkept.get(key) ?? localStorage.getItem(key);
  } catch {
    return null;
  }
}

function keep(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
    unkept.delete(key);
  } catch {
    unkept.set(key, text);
  }
}

const DEFAULTS = schema.parse({});
const listeners = new Set<() => void>();
let cache: { text: string | null; value: Preferences } = { text: null, value: DEFAULTS };

/** The preferences of this device now; in a browser only. */
export function readPreferences(): Preferences {
  const text = kept(PREFERENCES_KEY);
  if (text !== cache.text) {
    let raw: unknown = {};
    try {
      raw = JSON.parse(text ?? '{}');
    } catch {
      // Unreadable settings are no settings: the defaults serve.
    }
    const parsed = schema.safeParse(raw);
    cache = { text, value: parsed.success ? parsed.data : DEFAULTS };
  }
  return cache.value;
}

/** Changes some preferences on this device, in every tab. */
export function setPreferences(changed: Partial<Preferences>): void {
  keep(PREFERENCES_KEY, JSON.stringify({ ...readPreferences(), ...changed }));
  for (const listener of listeners) listener();
}

/** Tells of changes in any tab; returns what stops it. */
export function followPreferences(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** The preferences of this device; the defaults while the page is being made. */
export function usePreferences(): Preferences {
  return useSyncExternalStore(followPreferences, readPreferences, () => DEFAULTS);
}

/** The units a form was opened in: what is typed in it stays in them until it is closed, whatever another tab is set to. */
export function useFormUnits(): Preferences['units'] {
  const { units } = usePreferences();
  const [opened] = useState(units);
  return opened;
}

/** Notes that a yard with a rig in it was open on this device. */
export function noteVisited(): void {
  if (kept(VISITED_KEY) === null) keep(VISITED_KEY, 'yes');
}

/** The newest entry, where it was written ahead of this device's clock and that clock was said to be right; empty where nobody said so. */
export function useClockRight(): string {
  return useSyncExternalStore(
    followPreferences,
    () => kept(CLOCK_KEY) ?? '',
    () => '',
  );
}

/** Notes that this device's clock is right, whenever the newest entry says that it was written. */
export function noteClockRight(newest: string): void {
  keep(CLOCK_KEY, newest);
  for (const listener of listeners) listener();
}
