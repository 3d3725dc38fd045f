import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Where all checks run, types are one of them and are not checked twice.
  typescript: { ignoreBuildErrors: process.env['TYPES_CHECKED_APART'] === '1' },
  experimental: { optimizePackageImports: ['radix-ui', 'lucide-react', 'date-fns'] },
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
            value: 'geolocation=(), microphone=(), payment=(), usb=(), camera=(self)',
          },
        ],
      },
      { source: '/sw.js', headers: [{ key: 'Cache-Control', value: 'no-cache' }] },
    ]),
};

export default config;
