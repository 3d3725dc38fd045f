import Link from 'next/link';
import type { Instant } from '@/core/base';
import { PATHS } from '@/links';
import { useAsk } from '@/store';
import { count, dayAgo } from '@/text';

/** So many entries (or more) that no archive holds are worth a word. */
const BIG_DAY = 25;

/** After a day with much to lose: how old the last archive is, and the way to a new one. */
export function BackupLine({
  archived,
  now,
  own,
}: {
  archived: Instant | undefined;
  now: Instant;
  own: boolean;
}) {
  const since = useAsk('since', own ? { at: archived } : undefined);
  if (since.status !== 'ready' || since.answer < BIG_DAY) return null;
  return (
    <p className="border-soon border-l-4 py-1 pl-3">
      {count(since.answer, 'entry', 'entries')} stand in no archive yet
      {archived === undefined
        ? '; none was ever saved here'
        : `; the last was saved ${dayAgo(archived, now)}`}
      .{' '}
      <Link prefetch={false} href={PATHS.keep} className="inline-block min-h-6 underline underline-offset-4">
        Save one
      </Link>
    </p>
  );
}
