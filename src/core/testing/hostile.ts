import type { Random } from '../base';

/** What a hostile file may put anywhere: names every object has, figures beyond any sense, text without end, shapes that are none. */
const VENOM: readonly (() => unknown)[] = [
  () => 'constructor',
  () => '__proto__',
  () => 'toString',
  () => 'hasOwnProperty',
  () => 1e308,
  () => -1e308,
  () => 1e-320,
  () => -0,
  () => Number.MAX_SAFE_INTEGER + 2,
  () => 0.1 + 0.2,
  () => null,
  () => true,
  () => '',
  () => ' ',
  () => 'x'.repeat(100_000),
  () => '\u202e\u0000\ud800',
  () => '🚚'.repeat(200),
  () => '<img src=x onerror=alert(1)>',
  () => '=HYPERLINK("http://x","y")',
  () => [],
  () => ({}),
  () => Array.from({ length: 5000 }, () => 1),
  () => Array.from({ length: 300 }).reduce<unknown>((inner) => [inner], 'deep'),
  () => JSON.parse('{"__proto__":{"what":"pressure"},"constructor":{"prototype":1}}') as unknown,
  () => '2026-02-31T00:00:00.000Z',
  () => '9999-12-31T23:59:59.999Z',
  () => '0000-01-01T00:00:00.000Z',
  () => '-271821-04-20T00:00:00.000Z',
  () => '0196D000-0000-7000-8000-0000000000AA',
  () => '1L',
  () => 'rig',
];

type Path = readonly (string | number)[];

/** Every place in a value, the whole of it first. */
function pathsOf(value: unknown, at: Path = []): readonly Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, part]) => pathsOf(part, [...at, key]))];
}

function changed(
  value: unknown,
  path: Path,
  change: (part: unknown, key: string | number) => unknown,
): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return change(value, '');
  const copy: Record<string, unknown> | unknown[] = Array.isArray(value)
    ? [...(value as unknown[])]
    : { ...(value as Record<string, unknown>) };
  const holder = copy as Record<string | number, unknown>;
  const part = changed(holder[key], rest, change);
  if (part === GONE) {
    if (Array.isArray(copy)) copy.splice(Number(key), 1);
    else delete holder[key];
  } else holder[key] = part;
  return copy;
}

const GONE = Symbol('gone');
const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;

/** A value as a hostile hand may leave it: something put in, taken out, doubled, renamed, or swapped with another part of it. */
export function mutant(value: unknown, random: Random): unknown {
  const times = 1 + Math.floor(random() * 2);
  let now = value;
  for (let i = 0; i < times; i++) {
    const paths = pathsOf(now);
    const path = pick(random, paths.slice(1).length > 0 ? paths.slice(1) : paths);
    const way = random();
    if (way < 0.55) now = changed(now, path, () => pick(random, VENOM)());
    else if (way < 0.65) now = changed(now, path, () => GONE);
    else if (way < 0.75)
      now = changed(now, path, (part) =>
        typeof part === 'number'
          ? -part * 1e9
          : Array.isArray(part)
            ? [...part, ...(part as unknown[])]
            : [part, part],
      );
    else if (way < 0.85)
      now = changed(now, path, (part) =>
        typeof part === 'object' && part !== null && !Array.isArray(part)
          ? { ...part, [pick(random, ['constructor', 'toString', 'extra', 'what'])]: pick(random, VENOM)() }
          : part,
      );
    else {
      const other = pick(random, paths);
      const part = other.reduce<unknown>(
        (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : at),
        now,
      );
      now = changed(now, path, () => part);
    }
  }
  return now;
}
