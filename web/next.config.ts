import { fileURLToPath } from 'node:url';
import type { NextConfig } from 'next';

const everywhere = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
  {
    key: 'Permissions-Policy',
    value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()',
  },
];

const config: NextConfig = {
  transpilePackages: ['@cobbet/core'],
  turbopack: { root: fileURLToPath(new URL('..', import.meta.url)) },
  // in Node.js the solver loads its WASM from beside itself, so it stays out of the bundle
  serverExternalPackages: ['highs'],
  poweredByHeader: false,
  reactStrictMode: true,
  headers: () =>
    Promise.resolve([
      { source: '/:path*', headers: everywhere },
      {
        // workers carry the policy of their own script
        source: '/_next/static/:path*',
        headers: [
          {
            key: 'Content-Security-Policy',
            value:
              "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'; base-uri 'none'",
          },
        ],
      },
    ]),
};

export default config;
