import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { faces } from '@/kit/fonts';
import { Locale } from '@/kit/locale';
import { StyleRegistry } from '@/kit/style-registry';

export const metadata: Metadata = {
  title: 'Hausplan',
  description:
    'Unit studies for several ages at home: lessons on days, books on lessons, work for each child.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" className={faces}>
      <head>{nonce ? <meta property="csp-nonce" nonce={nonce} /> : null}</head>
      <body>
        <StyleRegistry nonce={nonce}>
          <Locale>{children}</Locale>
        </StyleRegistry>
      </body>
    </html>
  );
}
