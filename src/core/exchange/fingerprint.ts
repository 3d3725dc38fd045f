import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strToU8 } from 'fflate';
import type { Instant } from '../base';
import type { Entry } from '../log';
import { toLine } from './format';

/** The sum of a rig's entries as they stood at a moment, and over how many. */
export interface Fingerprint {
  /** Five groups of four: short enough to be read from paper. */
  readonly sum: string;
  readonly count: number;
}

const hash = (text: string) => bytesToHex(sha256(strToU8(text)));

function sumOf(entries: readonly Entry[]): Fingerprint {
  const lines = entries
    .map((entry) => `${entry.id} ${hash(toLine({ ...entry, days: undefined } as Entry))}`)
    .sort();
  const all = hash(lines.join('\n'));
  return { sum: (all.slice(0, 20).match(/.{4}/g) ?? []).join('-'), count: lines.length };
}

/** The fingerprint of a rig's record: over the sorted ids and hashes of its entries written down up to a moment, those withdrawn among them. The days that a device put beside moments are none of it: the same log gives the same on every device. */
export function fingerprintOf(entries: readonly Entry[], rig: string, until: Instant): Fingerprint {
  return sumOf(entries.filter((entry) => entry.rig === rig && entry.recorded <= until));
}

const plain = (sum: string) => sum.toLowerCase().replace(/[^0-9a-f]/g, '');

/** The rig whose record a printed fingerprint is of: its first so many entries as they were written down; undefined where none is. What was written down since does not count against it. */
export function rigOfFingerprint(entries: readonly Entry[], { sum, count }: Fingerprint): string | undefined {
  return [...new Set(entries.map(({ rig }) => rig))].find((rig) => {
    const own = entries
      .filter((entry) => entry.rig === rig)
      .sort((a, b) => (a.recorded < b.recorded || (a.recorded === b.recorded && a.id < b.id) ? -1 : 1));
    return own.length >= count && count > 0 && plain(sumOf(own.slice(0, count)).sum) === plain(sum);
  });
}
