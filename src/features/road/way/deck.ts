import { Deck } from '@/instruments';

/** The instruments of this tab: they go on while pages come and go. */
export const deck = new Deck(() => Date.now());
