import { small, FACT_WORDS, PART_WORDS } from '@/text';

/** What has changed on a printed card, as an owner would say it. */
export function changedWords(names: readonly string[]): readonly string[] {
  return names.map((name) => {
    const [kind = '', place] = name.split('-');
    if (place !== undefined && kind in PART_WORDS)
      return `${small(PART_WORDS[kind as keyof typeof PART_WORDS].one)} of ${place}`;
    return name in FACT_WORDS ? small(FACT_WORDS[name as keyof typeof FACT_WORDS].label) : name;
  });
}
