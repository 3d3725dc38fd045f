import type { Entry } from './entry';

/** True for a value that says of itself, or of something in it, that it is made up. */
function says(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  return Object.entries(value).some(([key, inner]) => (key === 'simulated' && inner === true) || says(inner));
}

/** True for an entry that holds a figure of a simulated instrument: no log of an owner's own takes it. */
export function isSimulated({ body }: Pick<Entry, 'body'>): boolean {
  return says(body);
}
