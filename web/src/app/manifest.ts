import type { MetadataRoute } from 'next';
import { tokens } from '@/theme/tokens';

/** What a device needs to keep Cobbet among its own applications. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Cobbet',
    short_name: 'Cobbet',
    description: 'A workbench for developing blended dips, hummus variants and pestos',
    start_url: '/',
    display: 'standalone',
    background_color: tokens.light.paper,
    theme_color: tokens.light.paper,
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
