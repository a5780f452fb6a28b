import type { Metadata, Viewport } from 'next';
import { getTranslations } from 'next-intl/server';
import type { ReactNode } from 'react';
import { EarlyWords } from '@/components/basics/EarlyWords';
import { EscapeLeaves } from '@/components/basics/EscapeLeaves';
import { NonceProvider } from '@/components/basics/NonceContext';
import { Sprite } from '@/components/railing/Sprite';
import { directionOf } from '@/core/languages/languages';
import { currentLanguage, readersLanguage } from '@/server/http/language';
import { currentNonce } from '@/server/http/request';
import '@fontsource-variable/literata/wght.css';
import '@fontsource-variable/literata/wght-italic.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import { Words } from './Words';
import './styles/globals.css';

export async function generateMetadata(): Promise<Metadata> {
  const t = await getTranslations('site');
  return {
    title: { default: t('name'), template: `%s · ${t('name')}` },
    robots: { index: false, follow: false },
  };
}

export const viewport: Viewport = { themeColor: '#1e5743', width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const lang = (await readersLanguage()) ?? (await currentLanguage());
  const nonce = await currentNonce();
  return (
    <html lang={lang} dir={directionOf(lang)}>
      <body>
        <EarlyWords nonce={nonce} />
        <EscapeLeaves />
        <Sprite />
        <NonceProvider nonce={nonce}>
          <Words of={[]}>{children}</Words>
        </NonceProvider>
      </body>
    </html>
  );
}
