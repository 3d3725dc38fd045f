import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';

/** Hashes of the scripts that stand inside each built page; written after the build. */
function readHashes(): Readonly<Record<string, readonly string[]>> {
  try {
    return JSON.parse(readFileSync(join(process.cwd(), '.next', 'inline-scripts.json'), 'utf8')) as Record<
      string,
      string[]
    >;
  } catch {
    return {};
  }
}

const hashes = readHashes();
const every = [...new Set(Object.values(hashes).flat())];

function policy(path: string): string {
  // A page that is not among the built ones is the page for unknown addresses.
  const own = hashes[path] ?? hashes['/_not-found'] ?? every;
  return [
    "default-src 'none'",
    `script-src 'self' ${own.map((hash) => `'sha256-${hash}'`).join(' ')}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    // A paper is shown before it is saved: made on this device, from nowhere else.
    'frame-src blob:',
    "manifest-src 'self'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join('; ');
}

/** Puts the content security policy of its page on every answer; while developing there is none. */
export function proxy(request: NextRequest): NextResponse {
  const response = NextResponse.next();
  if (process.env.NODE_ENV === 'production')
    response.headers.set('Content-Security-Policy', policy(request.nextUrl.pathname));
  return response;
}

export const config = { matcher: '/((?!_next/static|icon|manifest).*)' };
