import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import type { Sha256 } from '@/core/exchange';

// A page served without encryption has no digest of the platform's.
const subtle = (globalThis as { readonly crypto?: { readonly subtle?: SubtleCrypto } }).crypto?.subtle;

/** SHA-256 of bytes, as hex: by the platform's own wherever it has one. */
export const sha256Of: Sha256 = subtle
  ? async (bytes) => bytesToHex(new Uint8Array(await subtle.digest('SHA-256', bytes)))
  : async (bytes) => bytesToHex(sha256(bytes));
