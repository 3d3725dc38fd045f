import { LOG_GROUPS, type Entry, type LogGroup } from '@/core/log';

/** The group a word names, where it names one. */
export function groupOf(word: string | null): LogGroup | undefined {
  return LOG_GROUPS.find((group) => group === word);
}

/** The words of entries, each worked out once however often they are sought through. */
export class SearchIndex {
  private readonly texts = new WeakMap<Entry, string>();

  constructor(private readonly tell: (entry: Entry) => string) {}

  /** The words of an entry, small. */
  textOf(entry: Entry): string {
    const known = this.texts.get(entry);
    if (known !== undefined) return known;
    const text = this.tell(entry).toLowerCase();
    this.texts.set(entry, text);
    return text;
  }
}

/** True where a text has every one of some words. */
export function hasAll(text: string, words: readonly string[]): boolean {
  return words.every((word) => text.includes(word));
}

/** What someone seeks, as words; what stands in quotes is one. */
export function wordsOf(sought: string): readonly string[] {
  return [...sought.toLowerCase().matchAll(/"([^"]+)"|(\S+)/g)].map(
    ([, quoted, plain]) => quoted ?? plain ?? '',
  );
}
