import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { AppShell, ThemeScript } from '@/features/shell';
import { YardProvider } from '@/store';
import { sans, technical } from '@/ui/fonts';
import '@/ui/tokens.css';

export const metadata: Metadata = {
  title: { default: 'Yardline', template: '%s · Yardline' },
  description:
    'Keeps an RV, boat or utility trailer safe on the road: what is due, why, and how to do it in the one safe order.',
  applicationName: 'Yardline',
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  viewportFit: 'cover',
  themeColor: '#17211e',
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en-US" className={`${sans.variable} ${technical.variable}`} suppressHydrationWarning>
      <head>
        <ThemeScript />
      </head>
      <body>
        <YardProvider>
          <AppShell>{children}</AppShell>
        </YardProvider>
      </body>
    </html>
  );
}
