import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { DRAWN_ON_COOKIE, drawnOnFrom } from '@/kit/drawn-on';
import { faces } from '@/kit/fonts';
import { Locale } from '@/kit/locale';
import { customsNow } from '@/sheets/frame/customs-load';
import { StyleRegistry } from '@/kit/style-registry';

export const metadata: Metadata = {
  title: 'Hausplan',
  description:
    'Unit studies for several ages at home: lessons on days, books on lessons, work for each child.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const drawnOn = drawnOnFrom((await cookies()).get(DRAWN_ON_COOKIE)?.value);
  return (
    <html lang="en" className={faces} data-drawn-on={drawnOn}>
      <head>{nonce ? <meta property="csp-nonce" nonce={nonce} /> : null}</head>
      <body>
        <StyleRegistry nonce={nonce}>
          <Locale customs={customsNow()}>{children}</Locale>
        </StyleRegistry>
      </body>
    </html>
  );
}
