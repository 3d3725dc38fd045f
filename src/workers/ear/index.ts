/** The thread that works out what a microphone has recorded: what it is asked and answers. */
export type { EarAnswer, EarAsk } from './messages';
