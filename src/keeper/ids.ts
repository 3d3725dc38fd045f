import { v7 } from 'uuid';

/** A fresh id that sorts by the time it was made. */
export function newId(): string {
  return v7();
}
