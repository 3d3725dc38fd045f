/** The figures that can be guessed before they are worked out; by themselves, since pages that only name them load no figure. */
export const GUESSES = ['leak', 'balance'] as const;
export type GuessId = (typeof GUESSES)[number];
