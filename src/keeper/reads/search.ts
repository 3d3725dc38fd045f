import type { Entry, Kind } from '@/core/log';

/** What the Logbook can be narrowed to. */
export const GROUPS = {
  trips: ['trip', 'trip.planned', 'meter'],
  work: ['work', 'recheck', 'event', 'deferral'],
  walks: ['walk', 'reading', 'lights', 'survey'],
  findings: ['finding.opened', 'finding.seen', 'finding.closed', 'opinion', 'photo'],
  parts: ['part.fitted', 'part.moved', 'part.read'],
  facts: ['rig.setup', 'rig.changed', 'rig.retired', 'rig.returned', 'rule.chosen', 'season'],
  notes: ['note', 'void'],
} as const satisfies Record<string, readonly Kind[]>;
export type Group = keyof typeof GROUPS;

/** The group a word names, where it names one. */
export function groupOf(word: string | null): Group | undefined {
  return word !== null && Object.hasOwn(GROUPS, word) ? (word as Group) : undefined;
}

/** True where an entry speaks of a place anywhere in what it says. */
export function isAbout(entry: Entry, place: string): boolean {
  return JSON.stringify(entry.body).includes(`"${place}"`);
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
