import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Part } from '../table';

const kB = (files: readonly string[]) =>
  files.reduce((sum, file) => sum + gzipSync(readFileSync(file), { level: 9 }).length, 0) / 1000;

/** What the first load of the Yard asks for. */
export const load: Part = {
  says: 'JavaScript of the Yard’s first load, gzip; the worker apart',
  measure: () => {
    const page = '.next/server/app/index.html';
    if (!existsSync(page)) throw new Error('There is no build');
    // Scripts for browsers without modules are never fetched by today's.
    const scripts = [
      ...readFileSync(page, 'utf8').matchAll(
        /<script(?![^>]*nomodule)[^>]*\ssrc="(\/_next\/[^"]+\.js)[^"]*"/gi,
      ),
    ].map((match) => `.next/${(match[1] ?? '').replace('/_next/', '')}`);
    return [{ what: 'first load of the Yard', measured: kB([...new Set(scripts)]), unit: 'kB', budget: 225 }];
  },
};
