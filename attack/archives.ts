import { readFileSync } from 'node:fs';
import { zipSync, strToU8, unzipSync } from 'fflate';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { seeded, type Random } from '../src/core/base';
import { planMerge } from '../src/core/exchange';
import { readEntry, type Entry } from '../src/core/log';
import { mutant } from '../src/core/testing/hostile';
import { unzipped } from '../src/core/testing/zipped';
import { troublesOf } from './survives';

const NOW = '2026-06-01T12:00:00.000Z';
/** Longer than this (ms) and an owner thinks that it hangs. */
const PATIENCE = 5000;

const FIXTURES = ['v1', 'v2', 'v3', 'v4', 'v5', 'v6'].map((name) =>
  readFileSync(`src/core/exchange/fixtures/${name}.ndjson`, 'utf8')
    .split('\n')
    .filter((line) => line !== ''),
);

type Files = Record<string, Uint8Array>;

const hash = (bytes: Uint8Array) => bytesToHex(sha256(bytes));

/** An archive whose hashes are right, whatever its lines say. */
function archiveOf(
  lines: readonly string[],
  change: (manifest: Record<string, unknown>) => unknown = (m) => m,
): Uint8Array {
  const log = strToU8(lines.map((line) => `${line}\n`).join(''));
  const manifest = change({
    format: 'yardline-archive',
    version: 3,
    created: NOW,
    entries: lines.length,
    files: [{ name: 'log.ndjson', bytes: log.length, sha256: hash(log) }],
  });
  return zipSync({ 'manifest.json': strToU8(JSON.stringify(manifest)), 'log.ndjson': log });
}

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;

/** One line of a stored log made hostile. */
function poisonedLine(random: Random): Uint8Array {
  const lines = [...pick(random, FIXTURES)];
  const at = Math.floor(random() * lines.length);
  lines[at] = JSON.stringify(mutant(JSON.parse(lines[at] ?? '{}'), random));
  return archiveOf(lines);
}

function damagedBytes(random: Random): Uint8Array {
  const bytes = archiveOf(pick(random, FIXTURES)).slice();
  const way = random();
  if (way < 0.4) {
    for (let i = 0; i < 1 + random() * 20; i++)
      bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
    return bytes;
  }
  if (way < 0.7) return bytes.slice(0, Math.floor(random() * bytes.length));
  const extra = new Uint8Array(Math.floor(random() * 2000)).map(() => Math.floor(random() * 256));
  return new Uint8Array([...extra, ...bytes]);
}

function lyingManifest(random: Random): Uint8Array {
  return archiveOf(pick(random, FIXTURES), (manifest) => mutant(manifest, random) as Record<string, unknown>);
}

function oddLines(random: Random): Uint8Array {
  const lines = [...pick(random, FIXTURES)];
  const odd: readonly (() => string)[] = [
    () => '',
    () => 'null',
    () => '[]',
    () => '{"id":',
    () => '['.repeat(100_000) + ']'.repeat(100_000),
    () => `{"a":${'['.repeat(5000)}${']'.repeat(5000)}}`,
    () => `"${'x'.repeat(2_000_000)}"`,
    () => lines[0] ?? '',
    () => (lines[1] ?? '').replace(/"id":"([^"]+)"/, (_, id: string) => `"id":"${id.toUpperCase()}"`),
  ];
  lines.splice(Math.floor(random() * lines.length), 0, pick(random, odd)());
  return archiveOf(lines);
}

function otherZip(random: Random): Uint8Array {
  const files: Files = unzipSync(archiveOf(pick(random, FIXTURES)));
  const way = Math.floor(random() * 5);
  if (way === 0) delete files[pick(random, Object.keys(files))];
  if (way === 1) files['../../etc/passwd'] = strToU8('x');
  if (way === 2) files['photos/' + 'a'.repeat(64) + '.jpg'] = strToU8('not its hash');
  if (way === 3) files['log.ndjson'] = new Uint8Array(30 * 1024 * 1024);
  if (way === 4) files['manifest.json'] = new Uint8Array(30 * 1024 * 1024);
  return zipSync(files);
}

/** The ways of the attack, as often as they are tried. */
const WAYS: readonly (readonly [share: number, name: string, make: (random: Random) => Uint8Array])[] = [
  [0.72, 'a line made hostile', poisonedLine],
  [0.1, 'bytes damaged', damagedBytes],
  [0.08, 'a manifest that lies', lyingManifest],
  [0.05, 'odd lines', oddLines],
  [0.05, 'another zip', otherZip],
];

/** What a run of the attack came to. */
export interface Tally {
  readonly tried: number;
  readonly refused: number;
  readonly taken: number;
  /** What was lost, with the seed that did it. */
  readonly lost: readonly string[];
}

/** Reads archives made hostile, each from a seed of its own; whatever is taken has to live beside a sound log. */
export async function attackArchives(first: number, count: number): Promise<Tally> {
  const sound = (FIXTURES.at(-1) ?? []).flatMap((line): readonly Entry[] => {
    const read = readEntry(JSON.parse(line));
    return read.ok ? [read.value] : [];
  });
  const ids = new Set(sound.map(({ id }) => id));
  const lost: string[] = [];
  let refused = 0;
  let taken = 0;
  for (let seed = first; seed < first + count; seed++) {
    const random = seeded(seed);
    const dice = random();
    let sum = 0;
    const [, name, make] = WAYS.find(([share]) => dice < (sum += share)) ?? (WAYS[0] as (typeof WAYS)[0]);
    const bytes = make(random);
    const began = performance.now();
    try {
      const read = await unzipped(bytes);
      if (!read.ok) refused += 1;
      else {
        taken += 1;
        const plan = planMerge([], read.value.entries);
        const added = plan.ok ? plan.value.added : [];
        const whole = [...added, ...sound.filter(({ id }) => !added.some((one) => one.id === id))];
        for (const trouble of troublesOf(whole, NOW)) lost.push(`seed ${seed}, ${name}: ${trouble}`);
        if (!added.some(({ id }) => ids.has(id)) && added.length === 0)
          lost.push(`seed ${seed}: nothing came of it`);
      }
    } catch (error) {
      lost.push(`seed ${seed}, ${name}: threw ${String(error).slice(0, 200)}`);
    }
    const time = performance.now() - began;
    if (time > PATIENCE) lost.push(`seed ${seed}, ${name}: took ${Math.round(time)} ms`);
  }
  return { tried: count, refused, taken, lost };
}
