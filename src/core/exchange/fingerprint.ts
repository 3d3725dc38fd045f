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

/** The fingerprint of a rig's record: over the sorted ids and hashes of its entries written down up to a moment, those withdrawn among them. The days that a device put beside moments are none of it: the same log gives the same on every device. */
export function fingerprintOf(entries: readonly Entry[], rig: string, until: Instant): Fingerprint {
  const lines = entries
    .filter((entry) => entry.rig === rig && entry.recorded <= until)
    .map((entry) => `${entry.id} ${hash(toLine({ ...entry, days: undefined } as Entry))}`)
    .sort();
  const all = hash(lines.join('\n'));
  return { sum: (all.slice(0, 20).match(/.{4}/g) ?? []).join('-'), count: lines.length };
}
