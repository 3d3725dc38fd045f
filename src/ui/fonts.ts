import localFont from 'next/font/local';

/** Words: legible at arm's length and in poor light. */
export const sans = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  variable: '--font-words',
  weight: '200 800',
  display: 'swap',
});

/** Headings and figures: semi-condensed, with figures of one width. */
export const technical = localFont({
  src: [
    {
      path: '../../node_modules/@fontsource/saira-semi-condensed/files/saira-semi-condensed-latin-500-normal.woff2',
      weight: '500',
    },
    {
      path: '../../node_modules/@fontsource/saira-semi-condensed/files/saira-semi-condensed-latin-600-normal.woff2',
      weight: '600',
    },
  ],
  variable: '--font-figures',
  display: 'swap',
});
