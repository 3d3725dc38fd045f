/** The part of `npm run attack` that needs no browser: archives made hostile, and logs that meet in every order. */
import { zipSync } from 'fflate';
import fc from 'fast-check';
import { seeded } from '../src/core/base';
import { emptyFold, extend, foldEntries } from '../src/core/log';
import { anyLog } from '../src/core/testing/arbitraries';
import { unzipped } from '../src/core/testing/zipped';
import { attackArchives } from './archives';
import { Tally } from './tally';

const MUTANTS = 5000;
const ORDERS = 5000;

async function archives(): Promise<void> {
  const tally = new Tally('archives', 'made hostile, each from a seed of its own');
  const { tried, lost } = await attackArchives(1, MUTANTS);
  for (let i = 0; i < tried - lost.length; i++) tally.count(true, '');
  for (const how of lost) tally.count(false, how);
  tally.write();
  const bombs = new Tally('archives', 'far too large, refused within a second');
  for (const megabytes of [100, 770]) {
    const bomb = zipSync({ 'log.ndjson': new Uint8Array(megabytes * 1024 * 1024) }, { level: 1 });
    const began = performance.now();
    const read = await unzipped(bomb);
    const time = Math.round(performance.now() - began);
    bombs.count(
      !read.ok && time < 1000,
      `${megabytes} MB: ${read.ok ? 'taken' : read.error.code}, ${time} ms`,
    );
  }
  bombs.write();
}

function merges(): void {
  const tally = new Tally('merge', 'logs of several devices, met in some order');
  const logs = fc.sample(anyLog, { numRuns: 250, seed: 11 });
  for (let seed = 1; seed <= ORDERS; seed++) {
    const random = seeded(seed);
    const log = logs[seed % logs.length] ?? [];
    const shuffled = log
      .map((entry) => [random(), entry] as const)
      .sort(([a], [b]) => a - b)
      .map(([, entry]) => entry);
    let fold = emptyFold();
    for (let at = 0; at < shuffled.length;) {
      const next = at + 1 + Math.floor(random() * 6);
      fold = extend(fold, shuffled.slice(at, next));
      at = next;
    }
    const same = JSON.stringify(fold.state) === JSON.stringify(foldEntries(log).state);
    tally.count(same, `seed ${seed}: another state`);
  }
  tally.write();
}

const PARTS: Readonly<Record<string, () => void | Promise<void>>> = { archives, merge: merges };
const asked = process.argv.slice(2);
for (const [name, part] of Object.entries(PARTS))
  if (asked.length === 0 || asked.includes(name)) await part();
