import { useSyncExternalStore } from 'react';
import type { DeckState } from '@/instruments';
import { deck } from './deck';

/** What the instruments tell by now. */
export function useDeck(): DeckState {
  return useSyncExternalStore(deck.subscribe, deck.state, deck.state);
}
