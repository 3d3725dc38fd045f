import * as z from 'zod/mini';
import { ENVELOPE_KEYS, entrySchema, type Entry } from '../log';

/** The name of the archive format, as its manifest states it. */
export const FORMAT = 'yardline-archive';

/** The version of the archive's layout, 2 since it holds photos, 3 since acts name those that they had seen; entries carry versions of their own. */
export const FORMAT_VERSION = 3;

/** An entry as one line of `log.ndjson`: envelope keys in a fixed order, so that the same entry is the same text. */
export function toLine(entry: Entry): string {
  const fields = entry as unknown as Record<string, unknown>;
  return JSON.stringify(
    Object.fromEntries(
      ENVELOPE_KEYS.filter((key) => fields[key] !== undefined).map((key) => [key, sorted(fields[key])]),
    ),
  );
}

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).filter(([, part]) => part !== undefined);
  return Object.fromEntries(
    entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([key, part]) => [key, sorted(part)]),
  );
}

/** The JSON Schema of one line of the log: the open format, as served and published. */
export function entryJsonSchema(): Record<string, unknown> {
  const schema = z.toJSONSchema(entrySchema, { io: 'input', unrepresentable: 'any' });
  return {
    title: 'Yardline log entry',
    description: 'One line of log.ndjson. Quantities are in SI: m, N·m, Pa, K, kg; moments in UTC.',
    ...schema,
  };
}
