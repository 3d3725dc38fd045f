'use client';

import { useState, useSyncExternalStore } from 'react';
import { CLOCK_KEY, PREFERENCES_KEY, VISITED_KEY } from './preferences-key';

const YARDS: readonly ['own' | 'demo', 'own' | 'demo'] =
  process.env['NEXT_PUBLIC_YARD'] === 'demo' ? ['demo', 'own'] : ['own', 'demo'];

/** What can be chosen of many, the default first. */
const CHOICES = {
  units: ['us', 'metric'],
  /** By the device, or always day, night, or full contrast for sun. */
  theme: ['auto', 'day', 'night', 'sun'],
  /** How fast steps are read, in times the voice's own speed. */
  rate: ['1', '0.8', '1.25'],
  yard: YARDS,
} as const satisfies Record<string, readonly [string, ...string[]]>;

/** What is on or off; off by default. */
const SWITCHES = {
  /** Huge targets and no typing on the Bench. */
  gloves: false,
  /** Cards by chapter, one tap for many steps, for whoever knows the job. */
  chapters: false,
  /** Steps of a card are read out. */
  aloud: false,
  /** The line that says it is the demo is folded away. */
  demoFolded: false,
  /** A folder was chosen that other devices share; which one is kept with the yard. */
  inStep: false,
};

/** What this device is set to; the log knows nothing of it. */
export type Preferences = { readonly [K in keyof typeof CHOICES]: (typeof CHOICES)[K][number] } & {
  readonly [K in keyof typeof SWITCHES]: boolean;
} & {
  /** The figures that were used last, newest first. */
  readonly figures: string[];
};

/** Reads settings as they were kept: what is not one of ours is the default. By hand, since every page reads them first and no page should wait for a schema. */
function readKept(raw: unknown): Preferences {
  const kept = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>;
  const chosen = Object.entries(CHOICES).map(([key, all]) => [
    key,
    (all as readonly unknown[]).includes(kept[key]) ? kept[key] : all[0],
  ]);
  const on = Object.keys(SWITCHES).map((key) => [key, kept[key] === true]);
  const { figures } = kept;
  const strings = Array.isArray(figures) && figures.every((one) => typeof one === 'string');
  return Object.fromEntries([...chosen, ...on, ['figures', strings ? figures : []]]) as Preferences;
}

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

const DEFAULTS = readKept({});
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
    cache = { text, value: readKept(raw) };
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
