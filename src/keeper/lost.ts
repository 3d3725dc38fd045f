import { isNewer } from '@/core/log';
import type { readRun } from '@/core/routine';
import type { LostRow } from './log-reader';
import type { Lost } from './shown';

/** So many lines that cannot be read are told one by one. */
const MOST_TOLD = 20;

/** What is told of the lines that cannot be read and that nobody withdrew, and of the cards; nothing where all is read. */
export function lostOf(
  lines: readonly LostRow[],
  withdrawn: ReadonlySet<string> | undefined,
  cards: readonly ReturnType<typeof readRun>[],
): Lost | undefined {
  const rows = lines.filter(({ unread }) => !(unread && withdrawn?.has(unread.id)));
  const bad = cards.flatMap((read) => (read.ok ? [] : [read.error]));
  const [[row], [card]] = [rows, bad];
  if (!row && !card) return undefined;
  return {
    entries: rows.length,
    unread: rows
      .slice(0, MOST_TOLD)
      .flatMap(({ seq, why, unread }) =>
        unread
          ? [{ id: unread.id, rig: unread.rig, newer: isNewer(unread.why), why: `line ${seq}, ${why}` }]
          : [],
      ),
    cards: bad.length,
    why: row ? `line ${row.seq}, ${row.why}` : `a card, ${card?.field ?? ''}: ${card?.detail ?? ''}`,
  };
}
