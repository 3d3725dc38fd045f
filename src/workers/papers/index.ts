/** The thread that lays papers out: what it is asked and answers. */
export type { Sheet } from './layout';
export type { PaperAnswer, PaperAsk } from './messages';
