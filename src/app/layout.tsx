import type { Metadata, Viewport } from 'next';
import localFont from 'next/font/local';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { GoneLine } from '@/ui/parts/gone';
import { Providers } from '@/ui/theme/providers';
import type { UnitSystem } from '@/words/format';
import '@/ui/theme/pellucid.css';
import '@/ui/theme/layout.css';
import { GROUND } from '@/ui/tokens/tints';

const text = localFont({
  src: './fonts/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  variable: '--font-text',
  display: 'block',
});
// The text cut has no micro sign; its older sibling lends that one glyph.
const micro = localFont({
  src: [
    { path: './fonts/atkinson-hyperlegible-latin-400-normal.woff2', weight: '400' },
    { path: './fonts/atkinson-hyperlegible-latin-700-normal.woff2', weight: '700' },
  ],
  variable: '--font-micro',
  declarations: [{ prop: 'unicode-range', value: 'U+B5' }],
  display: 'block',
  adjustFontFallback: false,
});

export const metadata: Metadata = {
  title: { default: 'Pellucid', template: '%s · Pellucid' },
  description: 'Plan the repaint of a panel: build-up, materials, weather window, spray day.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: GROUND.panel },
    { media: '(prefers-color-scheme: dark)', color: GROUND.panelNight },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const units: UnitSystem = (await cookies()).get('units')?.value === 'us' ? 'us' : 'metric';
  const nonce = (await headers()).get('x-nonce') ?? '';
  return (
    <html
      lang="en"
      suppressHydrationWarning
      className={`${text.variable} ${micro.variable}`}
      style={{ ['--font' as string]: 'var(--font-micro), var(--font-text)' }}
    >
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ key: 'p' }}>
          <Providers units={units}>
            <GoneLine>{children}</GoneLine>
          </Providers>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
