/** After `next build`: hashes of inline scripts for the content security policy, and the service worker. */
import { createHash } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { injectManifest } from '@serwist/build';
import { build } from 'esbuild';
import { root } from './steps.mjs';

const app = `${root}.next/server/app`;
const buildId = readFileSync(`${root}.next/BUILD_ID`, 'utf8').trim();
const { routes } = JSON.parse(readFileSync(`${root}.next/prerender-manifest.json`, 'utf8'));
const html = Object.entries(routes).filter(([, route]) => route.dataRoute);
const fileOf = (path) => `${app}${path === '/' ? '/index' : path}.html`;
const md5 = (text) => createHash('md5').update(text).digest('hex');

const hashes = {};
for (const [path] of html) {
  const page = readFileSync(fileOf(path), 'utf8');
  const scripts = [...page.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    (match) => match[1],
  );
  hashes[path] = [...new Set(scripts.map((text) => createHash('sha256').update(text).digest('base64')))];
}
writeFileSync(`${root}.next/inline-scripts.json`, JSON.stringify(hashes));

const sha256 = (file) => createHash('sha256').update(readFileSync(file)).digest('base64');

const pages = html.map(([path]) => path).filter((path) => !path.startsWith('/_'));
const bundle = `${root}.next/sw.bundle.js`;
await build({
  entryPoints: [`${root}src/sw.ts`],
  outfile: bundle,
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: {
    PAGES: JSON.stringify(pages),
    BUILD: JSON.stringify(buildId),
    OURS: JSON.stringify(
      Object.fromEntries(
        pages.map((path) => {
          const file = fileOf(path);
          return [path, { html: sha256(file), rsc: sha256(file.replace(/html$/, 'rsc')) }];
        }),
      ),
    ),
    'process.env.NODE_ENV': '"production"',
  },
});
const { count, size, warnings } = await injectManifest({
  swSrc: bundle,
  swDest: `${root}public/sw.js`,
  globDirectory: `${root}.next`,
  globPatterns: ['static/**/*.{js,css,woff2,woff,wasm}'],
  dontCacheBustURLsMatching: /^static\//,
  maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
  manifestTransforms: [
    (entries) => ({
      manifest: entries.map((entry) => ({ ...entry, url: `/_next/${entry.url}` })),
      warnings: [],
    }),
  ],
  additionalPrecacheEntries: [
    ...pages.map((path) => ({ url: path, revision: md5(readFileSync(fileOf(path), 'utf8')) })),
    ...[
      '/icon.svg',
      '/manifest.webmanifest',
      '/icon-192.png',
      '/icon-512.png',
      '/demo/log.json',
      '/api/schema',
    ].map((url) => ({
      url,
      revision: buildId,
    })),
  ],
});
rmSync(bundle);
if (warnings.length > 0) throw new Error(warnings.join('\n'));
console.log(`Service worker: ${count} files kept for use without a network, ${Math.round(size / 1024)} kB`);
