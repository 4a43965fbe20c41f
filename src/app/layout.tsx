import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bricolage-grotesque/wght.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { database } from '@/db/open';
import { loadBook } from '@/server/book';
import { now } from '@/server/clock';
import { Frame } from '@/ui/frame/Frame';
import { THEME_SCRIPT } from '@/ui/frame/theme';
import { NONCE_HEADER, ROLE_HEADER } from '../views/asked-by';

export const metadata: Metadata = {
  title: { default: 'Ubbet', template: '%s · Ubbet' },
  description: 'Swarm control for a season: date the cells, time the method, be back on the right day.',
  appleWebApp: { capable: true, title: 'Ubbet', statusBarStyle: 'default' },
  icons: { icon: '/icon.svg', apple: '/apple-icon.png' },
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f3f5f4' };
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const book = loadBook(database(), (await now()).today);
  const asked = await headers();
  const nonce = asked.get(NONCE_HEADER) ?? undefined;
  const isReader = asked.get(ROLE_HEADER) === 'reader';
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        {/* Before anything is drawn, so that no page flashes in another light. */}
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: a constant of our own */}
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body>
        <Frame book={{ ...book, isReader }}>{children}</Frame>
      </body>
    </html>
  );
}
