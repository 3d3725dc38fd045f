import { useSyncExternalStore } from 'react';
import type { DeckState } from '@/instruments';
import { deckOf } from './deck';

/** What the instruments of a rig tell by now. */
export function useDeck(rig: string): DeckState {
  const deck = deckOf(rig);
  return useSyncExternalStore(deck.subscribe, deck.state, deck.state);
}
