import type { Entry } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { entryWords } from '@/text';

/** Titles of entries that others speak of, by id. */
export function titlesOf(others: readonly Entry[], units: UnitSystem): (id: string) => string | undefined {
  return (id) => {
    const other = others.find((one) => one.id === id);
    return other && entryWords(other, units, () => undefined).title;
  };
}
