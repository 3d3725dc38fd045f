import { fail, ok } from '@/core/base';
import { holds, isOf, SHELVES, type Change, type LogRow, type Row, type Shelf, type YardPort } from './port';

/** A yard that lies in memory and is gone with its tab: for tests, and for devices that store nothing. */
export function memoryPort(): YardPort {
  let log: LogRow[] = [];
  const ids = new Set<string>();
  const shelves = new Map<Shelf, Map<string, unknown>>(SHELVES.map((shelf) => [shelf, new Map()]));
  const at = (shelf: Shelf) => shelves.get(shelf) ?? new Map<string, unknown>();
  const listeners = new Set<() => void>();
  const rows = (shelf: Shelf): readonly Row[] => [...at(shelf)].map(([key, value]) => ({ key, value }));
  return {
    log: (after) => Promise.resolve(log.filter(({ seq }) => seq > after)),
    get: (shelf, key) => Promise.resolve(at(shelf).get(key)),
    all: (shelf) => Promise.resolve([...rows(shelf)].sort((a, b) => (a.key < b.key ? -1 : 1))),
    keys: (shelf) => Promise.resolve([...at(shelf).keys()].sort()),
    change: ({ append = [], purge = [], put = [], drop = [], when = [] }: Change) => {
      if (when.some(({ shelf, key, is }) => !holds(at(shelf).get(key), is)))
        return Promise.resolve(fail({ code: 'outrun' }));
      const fresh = new Set<string>();
      for (const { id } of append) {
        if (ids.has(id) || fresh.has(id)) return Promise.resolve(fail({ code: 'twice', id }));
        fresh.add(id);
      }
      const last = log.at(-1)?.seq ?? 0;
      log = [...log, ...append.map((raw, i) => ({ seq: last + 1 + i, raw: structuredClone(raw) }))];
      for (const id of fresh) ids.add(id);
      if (purge.length > 0) {
        for (const { raw } of log) if (isOf(raw, purge)) ids.delete((raw as { id: string }).id);
        log = log.filter(({ raw }) => !isOf(raw, purge));
      }
      for (const { shelf, key, value } of put) at(shelf).set(key, structuredClone(value));
      for (const { shelf, key } of drop) at(shelf).delete(key);
      for (const listener of listeners) listener();
      return Promise.resolve(ok(undefined));
    },
    watch: (told) => {
      listeners.add(told);
      return () => listeners.delete(told);
    },
    clear: () => {
      log = [];
      ids.clear();
      for (const shelf of shelves.values()) shelf.clear();
      return Promise.resolve();
    },
  };
}
