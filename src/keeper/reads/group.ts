import { LOG_GROUPS, type LogGroup } from '@/core/log';

/** The group a word names, where it names one. */
export function groupOf(word: string | null): LogGroup | undefined {
  return LOG_GROUPS.find((group) => group === word);
}
