import { Deck } from '@/instruments';

/** The instruments of this tab, by rig: they go on while pages come and go. */
const decks = new Map<string, Deck>();

/** The instruments of a rig; two rigs on one tow have their own. */
export function deckOf(rig: string): Deck {
  const known = decks.get(rig);
  if (known) return known;
  const made = new Deck(() => Date.now());
  decks.set(rig, made);
  return made;
}
