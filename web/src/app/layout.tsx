import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bricolage-grotesque/wght.css';
import '@/theme/figures.css';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Shell } from '@/rooms/shell/Shell';
import { ThemeRoot } from '@/theme/ThemeRoot';
import { tokens } from '@/theme/tokens';

export const metadata: Metadata = {
  title: { default: 'Cobbet', template: '%s · Cobbet' },
  description: 'A workbench for developing blended dips, hummus variants and pestos',
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: tokens.light.paper },
    { media: '(prefers-color-scheme: dark)', color: tokens.dark.paper },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? '';
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ nonce, key: 'cobbet' }}>
          <ThemeRoot>
            <Shell>{children}</Shell>
          </ThemeRoot>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
