import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Part } from '../table';

const APP = '.next/server/app';

const sizes = new Map<string, number>();
/** What a script weighs as it is sent (kB, gzip). */
function weight(file: string): number {
  const known = sizes.get(file);
  if (known !== undefined) return known;
  const kB = gzipSync(readFileSync(file), { level: 9 }).length / 1000;
  sizes.set(file, kB);
  return kB;
}

/** What the first load of a page asks for (kB). */
function firstLoad(page: string): number {
  // Scripts for browsers without modules are never fetched by today's.
  const scripts = [
    ...readFileSync(`${APP}/${page}.html`, 'utf8').matchAll(
      /<script(?![^>]*nomodule)[^>]*\ssrc="(\/_next\/[^"]+\.js)[^"]*"/gi,
    ),
  ].map((match) => `.next/${(match[1] ?? '').replace('/_next/', '')}`);
  return [...new Set(scripts)].reduce((sum, file) => sum + weight(file), 0);
}

/** What each place came to last (kB): a place that outgrows it is told, and the figure is only ever lowered. */
const MOST: Readonly<Record<string, number>> = {
  bench: 403,
  end: 328,
  figures: 252,
  finding: 326,
  identify: 228,
  index: 223,
  keep: 319,
  kit: 273,
  lights: 264,
  logbook: 319,
  lost: 201,
  money: 213,
  papers: 313,
  parts: 262,
  plan: 381,
  practice: 248,
  rig: 273,
  rules: 247.5,
  setup: 275,
  sheet: 277,
  survey: 268,
  'to-order': 286,
  trouble: 288,
  walk: 385,
};

/** JavaScript of every place. */
export const load: Part = {
  says: 'JavaScript of each place’s first load, gzip; the workers, and what is fetched later, apart',
  measure: () => {
    if (!existsSync(`${APP}/index.html`)) throw new Error('There is no build');
    return readdirSync(APP)
      .filter((file) => file.endsWith('.html') && !file.startsWith('_'))
      .map((file) => file.replace('.html', ''))
      .sort()
      .map((page) => {
        const budget = MOST[page];
        return {
          what: page === 'index' ? 'the Yard' : page,
          measured: firstLoad(page),
          unit: 'kB',
          ...(budget !== undefined && { budget }),
        };
      });
  },
};
