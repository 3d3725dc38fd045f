import type { Instant } from '../../base';
import type { Entry } from '../../log';
import type { RoutinePlace, WorkId } from '../../rules';
import { groupBy } from './group';

/** An amount in its owner's own currency; nothing is ever converted. */
export interface Money {
  readonly amount: number;
  readonly currency: string;
}

/** What something on record took: money, own time, or both. */
export interface Expense {
  readonly entry: string;
  readonly at: Instant;
  readonly of: 'work' | 'trouble' | 'part';
  readonly jobs: readonly { readonly routine: WorkId; readonly place: RoutinePlace }[];
  readonly cost: Money | undefined;
  /** Own time (min); undefined where nobody told, and where a shop did it. */
  readonly minutes: number | undefined;
}

/** What the entries that count of one rig have cost, in money and own time, oldest first; what took neither is left out. */
export function expensesOf(entries: readonly Entry[]): readonly Expense[] {
  return entries.flatMap((entry): Expense[] => {
    const { id, happened } = entry;
    switch (entry.kind) {
      case 'work': {
        const { jobs, cost, minutes, times } = entry.body;
        const timed = times?.reduce((sum, one) => sum + one.minutes * one.count, 0);
        const own = minutes ?? timed;
        return cost || own ? [{ entry: id, at: happened, of: 'work', jobs, cost, minutes: own }] : [];
      }
      case 'trouble': {
        const { cost, minutes } = entry.body;
        return cost || minutes ? [{ entry: id, at: happened, of: 'trouble', jobs: [], cost, minutes }] : [];
      }
      case 'part.fitted': {
        const { bought } = entry.body;
        return bought?.price
          ? [{ entry: id, at: happened, of: 'part', jobs: [], cost: bought.price, minutes: undefined }]
          : [];
      }
      case 'supply': {
        const { price } = entry.body;
        return price
          ? [{ entry: id, at: happened, of: 'part', jobs: [], cost: price, minutes: undefined }]
          : [];
      }
      default:
        return [];
    }
  });
}

/** What some expenses come to: money by currency, own time (min). */
export interface Sum {
  readonly money: Readonly<Record<string, number>>;
  readonly minutes: number;
}

/** Adds up expenses: each currency by itself. */
export function sumOf(expenses: readonly Pick<Expense, 'cost' | 'minutes'>[]): Sum {
  const money: Record<string, number> = {};
  for (const { cost } of expenses) if (cost) money[cost.currency] = (money[cost.currency] ?? 0) + cost.amount;
  return { money, minutes: expenses.reduce((sum, { minutes }) => sum + (minutes ?? 0), 0) };
}

/** Expenses by the year they fell in, the latest first. */
export function byYear(expenses: readonly Expense[]): readonly (readonly [string, Sum])[] {
  const years = groupBy(expenses, ({ at }) => at.slice(0, 4));
  return [...years].sort(([a], [b]) => (a < b ? 1 : -1)).map(([year, own]) => [year, sumOf(own)]);
}

/** A kind of work, or trouble and parts, with what it came to and how often. */
export interface KindSum extends Sum {
  readonly kind: WorkId | 'trouble' | 'part';
  readonly times: number;
}

/** What each kind of work has come to: a card of several works goes to the first it names, which it was begun for. */
export function byKind(expenses: readonly Expense[]): readonly KindSum[] {
  const kinds = groupBy(expenses, ({ of, jobs }) => (of === 'work' ? (jobs[0]?.routine ?? 'part') : of));
  const most = ({ money }: Sum) => Math.max(0, ...Object.values(money));
  return [...kinds]
    .map(([kind, own]) => ({ kind, times: own.length, ...sumOf(own) }))
    .sort((a, b) => most(b) - most(a) || b.minutes - a.minutes);
}

/** Money for each of so much distance (m), by currency; nothing where none was towed. */
export function perDistance({ money }: Sum, distance: number): Readonly<Record<string, number>> {
  if (distance <= 0) return {};
  return Object.fromEntries(Object.entries(money).map(([currency, amount]) => [currency, amount / distance]));
}
