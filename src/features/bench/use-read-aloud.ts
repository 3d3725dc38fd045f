'use client';

import { useEffect, useEffectEvent, useRef } from 'react';
import { usePreferences } from '@/store';
import { spoken } from '@/text';
import { hush, readOut, useVoice } from '@/ui';

/** So long (ms) an answer may still be typed before the next question is asked. */
const TYPED_OUT = 1500;

/**
 * Reads a step out when it comes, then what it asks for, one after another as they are answered; where that is wanted.
 * Gives a way to hear it again, where there is a voice.
 */
export function useReadAloud(
  of: string,
  sentences: readonly string[],
  question: string | undefined,
): (() => void) | undefined {
  const { aloud, rate } = usePreferences();
  const voice = useVoice();
  const ready = aloud && typeof voice === 'object' ? voice : undefined;
  const all = () => {
    if (ready) readOut([...sentences, ...(question ? [question] : [])].map(spoken), ready, Number(rate));
  };
  const step = useEffectEvent(all);
  const ask = useEffectEvent(() => {
    if (ready && question) readOut([spoken(question)], ready, Number(rate));
  });
  const name = ready?.voiceURI;
  useEffect(() => {
    step();
    return hush;
  }, [of, name]);
  // The first one is asked with its step.
  const asked = useRef(question);
  useEffect(() => {
    if (asked.current === question) return;
    asked.current = question;
    const timer = setTimeout(ask, TYPED_OUT);
    return () => clearTimeout(timer);
  }, [question]);
  return ready ? all : undefined;
}
