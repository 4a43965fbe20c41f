import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bricolage-grotesque/wght.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { database } from '@/db/open';
import { loadBook } from '@/server/book';
import { now } from '@/server/clock';
import { Frame } from '@/ui/frame/Frame';
import { THEME_SCRIPT } from '@/ui/frame/theme';

export const metadata: Metadata = {
  title: { default: 'Ubbet', template: '%s · Ubbet' },
  description: 'Swarm control for a season: date the cells, time the method, be back on the right day.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f3f5f4' };
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const book = loadBook(database(), (await now()).today);
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        {/* Before anything is drawn, so that no page flashes in another light. */}
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: a constant of our own */}
        <script dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body>
        <Frame book={book}>{children}</Frame>
      </body>
    </html>
  );
}
