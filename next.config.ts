import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NextConfig } from 'next';

/** Names what folds the log: a state that another version of the core worked out is worked out anew. */
function foldVersion(): string {
  const hash = createHash('sha256');
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).sort();
  for (const file of files)
    if (file.endsWith('.ts') && !file.endsWith('.test.ts'))
      hash.update(file).update(readFileSync(join('src/core', file)));
  return hash.digest('hex').slice(0, 16);
}

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  env: { NEXT_PUBLIC_FOLD: foldVersion() },
  // Where all checks run, types are one of them and are not checked twice.
  typescript: { ignoreBuildErrors: process.env['TYPES_CHECKED_APART'] === '1' },
  experimental: { optimizePackageImports: ['radix-ui', 'lucide-react', 'date-fns'] },
  // Where the Plan was kept in a bookmark as it was called before.
  redirects: () => Promise.resolve([{ source: '/season', destination: '/plan', permanent: true }]),
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'Referrer-Policy', value: 'no-referrer' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
          {
            key: 'Permissions-Policy',
            // Position is asked for on the Road alone, to count miles while the screen is on, by a tap.
            value: 'geolocation=(self), microphone=(), payment=(), usb=(), camera=(self)',
          },
        ],
      },
      {
        source: '/demo/:path*',
        headers: [{ key: 'Cache-Control', value: 'public, max-age=3600, stale-while-revalidate=86400' }],
      },
      { source: '/sw.js', headers: [{ key: 'Cache-Control', value: 'no-cache' }] },
    ]),
};

export default config;
