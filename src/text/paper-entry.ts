import type { OrderBody, PaperId } from '@/core/log';
import { formatMoney } from '@/core/base';
import { dayInFull } from './dates';
import type { EntryWords } from './entry-words';
import { count } from './measure';
import { workAt } from './routines';

/** The papers as an owner would call them. */
export const PAPER_WORDS: Readonly<Record<PaperId, string>> = {
  tongue: 'Tongue card',
  record: 'Service record',
  order: 'Order for a shop',
  card: 'Job card',
};

/** An order to a shop, as the log tells it. */
export function orderEntry({ shop, jobs = [], findings, booked, limit, ask }: OrderBody): EntryWords {
  return {
    title: `Ordered from ${shop}`,
    lines: [
      ...jobs.map(({ routine, place }) => workAt(routine, [place])),
      ...(findings.length > 0 ? [`${count(findings.length, 'finding')} to put right`] : []),
      ...(booked ? [`Booked for ${dayInFull(`${booked}T12:00:00.000Z`)}`] : []),
      ...(limit ? [`Not over ${formatMoney(limit)} without a call`] : []),
      ...(ask ? [ask] : []),
    ],
  };
}
