import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

/** JavaScript that the first load of the Yard asks for, gzipped (kB); undefined without a build. */
export function firstLoad(): number | undefined {
  let html: string;
  try {
    html = readFileSync('.next/server/app/index.html', 'utf8');
  } catch {
    return undefined;
  }
  // Scripts for browsers without modules are never fetched by today's.
  const scripts = [...html.matchAll(/<script(?![^>]*nomodule)[^>]*\ssrc="(\/_next\/[^"]+\.js)[^"]*"/gi)].map(
    (match) => match[1] ?? '',
  );
  const files = [...new Set(scripts)].map((src) => `.next/${src.replace('/_next/', '')}`);
  return files.reduce((sum, file) => sum + gzipSync(readFileSync(file), { level: 9 }).length, 0) / 1000;
}
