import type { Entry } from '../../log';
import type { Money } from './expenses';

/** What somebody quoted for a finding, and what putting it right came to. */
export interface Quoted {
  readonly opinion: string;
  readonly finding: string;
  readonly who: string;
  readonly quote: Money;
  /** What the work that closed it cost; undefined while it is open, or where nobody told. */
  readonly came: Money | undefined;
  readonly closed: boolean;
}

/** Every quote on record beside what it came to, the latest first. */
export function quotesOf(entries: readonly Entry[]): readonly Quoted[] {
  const works = new Map(
    entries.flatMap((one) => (one.kind === 'work' ? [[one.id, one.body.cost] as const] : [])),
  );
  const closings = new Map(
    entries.flatMap((one) =>
      one.kind === 'finding.closed' ? [[one.body.finding, one.body.work] as const] : [],
    ),
  );
  return entries
    .flatMap((one): Quoted[] => {
      if (one.kind !== 'opinion' || !one.body.quote || !one.body.finding) return [];
      const { finding, who, quote } = one.body;
      const work = closings.get(finding);
      return [
        {
          opinion: one.id,
          finding,
          who,
          quote,
          came: work === undefined ? undefined : works.get(work),
          closed: closings.has(finding),
        },
      ];
    })
    .reverse();
}
