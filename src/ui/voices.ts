'use client';

import { useSyncExternalStore } from 'react';

/** So long (ms) a browser may take to tell its voices before it counts as having none. */
const UNTIL_NONE = 2000;

/** What is known of the voices of this browser: not yet, none on the device itself, or the one to read with. */
export type Voice = 'asking' | 'none' | SpeechSynthesisVoice;

/** The voice to read with: English, on the device itself (what is read never goes over a network), its default before others. */
export function localVoice(voices: readonly SpeechSynthesisVoice[]): SpeechSynthesisVoice | undefined {
  const here = voices.filter(({ localService, lang }) => localService && /^en([-_]|$)/i.test(lang));
  const ours = here.filter(({ lang }) => /^en[-_]US/i.test(lang));
  return ours.find((voice) => voice.default) ?? ours[0] ?? here.find((voice) => voice.default) ?? here[0];
}

const speech = (): SpeechSynthesis | undefined =>
  'speechSynthesis' in window ? window.speechSynthesis : undefined;

let asked: number | undefined;
let last: SpeechSynthesisVoice | undefined;

function voiceNow(): Voice {
  const voice = localVoice(speech()?.getVoices() ?? []);
  // Browsers tell the same voice as a new object each time.
  if (voice && voice.voiceURI !== last?.voiceURI) last = voice;
  if (voice && last) return last;
  asked ??= performance.now();
  return !speech() || performance.now() - asked >= UNTIL_NONE ? 'none' : 'asking';
}

function follow(listener: () => void): () => void {
  const timer = setTimeout(listener, UNTIL_NONE + 50);
  speech()?.addEventListener('voiceschanged', listener);
  return () => {
    clearTimeout(timer);
    speech()?.removeEventListener('voiceschanged', listener);
  };
}

/** The voice to read with, as the browser tells it. */
export function useVoice(): Voice {
  return useSyncExternalStore(follow, voiceNow, () => 'asking');
}

/** Reads sentences out, and nothing of what was being read before. */
export function readOut(sentences: readonly string[], voice: SpeechSynthesisVoice, rate: number): void {
  hush();
  for (const sentence of sentences) {
    const utterance = new SpeechSynthesisUtterance(sentence);
    utterance.voice = voice;
    utterance.lang = voice.lang;
    utterance.rate = rate;
    speech()?.speak(utterance);
  }
}

/** Reads nothing more. */
export function hush(): void {
  speech()?.cancel();
}
