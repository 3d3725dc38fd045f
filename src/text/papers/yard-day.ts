import type { CivilDay } from '@/core/base';
import { dayInFull, minutes } from '../dates';
import type { LaidOut } from '../lay-out';
import { noonOf } from '../plan-entry';
import type { Block, Paper } from './paper';

/** A yard day as it goes on paper: for each rig its work with the reason of each, and what to have at hand. */
export interface YardDayOf {
  readonly day: CivilDay;
  readonly minutes: number;
  readonly rigs: readonly {
    readonly name: string;
    readonly jobs: readonly { readonly title: string; readonly why: string }[];
    readonly orderBy: string | undefined;
    readonly items: LaidOut;
  }[];
}

/** A yard day on one sheet: what is done and why, what to order, what to lay out. The steps are on the job cards. */
export function yardDayPaper({ day, minutes: takes, rigs }: YardDayOf, printed: string): Paper {
  const on = dayInFull(noonOf(day));
  return {
    title: `Yard day: ${on}`,
    about: [
      `About ${minutes(takes)} with getting ready and cleaning up. Printed ${dayInFull(printed)}.`,
      'Chock and stand before anyone reaches under. The safe order of steps is on the job cards.',
    ],
    foot: `Yard day ${on}`,
    blocks: rigs.flatMap(({ name, jobs, orderBy, items }): readonly Block[] => [
      { as: 'head', text: name },
      ...jobs.flatMap((job): readonly Block[] => [
        { as: 'box', text: job.title },
        { as: 'text', text: job.why },
      ]),
      ...(orderBy === undefined ? [] : [{ as: 'text' as const, text: orderBy, strong: true as const }]),
      ...(['parts', 'used', 'tools'] as const).flatMap((kind): readonly Block[] =>
        items[kind].length === 0
          ? []
          : [
              { as: 'sub', text: { parts: 'Parts', used: 'Used up', tools: 'Tools' }[kind] },
              {
                as: 'bullets',
                items: items[kind].map((item) => (item.note ? `${item.name}, ${item.note}` : item.name)),
              },
            ],
      ),
    ]),
  };
}
