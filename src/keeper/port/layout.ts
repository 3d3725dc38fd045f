import type { Shelf } from './port';

/** Tables of the yard's database, as the first versions named them or the shelves do. */
export const TAIL = 'entries';
export const SEALED = 'segments';
export const shelfTable = (shelf: Shelf): string => `shelf-${shelf}`;
