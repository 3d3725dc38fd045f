import { useSyncExternalStore } from 'react';

/** Whether this device makes the tones of an alarm: nobody has tried, it does, or it refuses. */
export type Sounds = 'untried' | 'sounds' | 'silent';

let context: AudioContext | undefined;
let stands: Sounds = 'untried';
const listeners = new Set<() => void>();

function settle(next: Sounds): void {
  if (next === stands) return;
  stands = next;
  for (const listener of listeners) listener();
}

/** A device that refuses neither says so nor ever ends its promise. */
const PATIENCE = 1_000;
const LOUD = 0.25;
const SOFT = 0.06;

function opened(): AudioContext {
  if (context) return context;
  const fresh = new AudioContext();
  // A call, or another application, takes the sound away and gives it back.
  fresh.addEventListener('statechange', () => {
    if (stands !== 'untried') settle(fresh.state === 'running' ? 'sounds' : 'silent');
  });
  return (context = fresh);
}

function tones(on: AudioContext, count: number, loud: number): void {
  const start = on.currentTime;
  for (let i = 0; i < count; i++) {
    const tone = on.createOscillator();
    const gain = on.createGain();
    tone.type = 'square';
    tone.frequency.value = i % 2 === 0 ? 880 : 660;
    gain.gain.setValueAtTime(loud, start + i * 0.3);
    gain.gain.exponentialRampToValueAtTime(0.001, start + i * 0.3 + 0.25);
    tone.connect(gain).connect(on.destination);
    tone.start(start + i * 0.3);
    tone.stop(start + i * 0.3 + 0.26);
  }
}

/** One soft tone, in a tap: many devices let no page sound that was not asked for by a finger. What came of it is told by `useSounds`. */
export async function tryOut(): Promise<void> {
  try {
    const on = opened();
    const resumed = on.resume();
    tones(on, 1, SOFT);
    await Promise.race([resumed, new Promise((done) => setTimeout(done, PATIENCE))]);
    settle(on.state === 'running' ? 'sounds' : 'silent');
  } catch {
    settle('silent');
  }
}

/** Three tones that nobody mistakes for the road, and a vibration where the device has one; what cannot sound is read. */
export function sound(): void {
  try {
    const on = opened();
    tones(on, 3, LOUD);
    if (on.state !== 'running') settle('silent');
  } catch {
    settle('silent');
  }
  try {
    navigator.vibrate?.([400, 150, 400, 150, 400]);
  } catch {
    // The words stand there all the same.
  }
}

function follow(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** True where a tone was tried and sounds. */
export function isHeard(): boolean {
  return stands === 'sounds';
}

/** Whether this device makes the tones of an alarm. */
export function useSounds(): Sounds {
  return useSyncExternalStore(
    follow,
    () => stands,
    () => 'untried',
  );
}
