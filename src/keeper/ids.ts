import { v7 } from 'uuid';

/** A number that no other yard on this device has. */
export function newMark(): number {
  return crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
}

/** A fresh id that sorts by the time it was made. */
export function newId(): string {
  return v7();
}

/** A name for this device among those that share a folder: eight letters of hexadecimal. */
export function freshDevice(): string {
  return [...crypto.getRandomValues(new Uint8Array(4))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');
}
