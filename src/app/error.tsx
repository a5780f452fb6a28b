'use client';

import { useTranslations } from 'next-intl';

export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}) {
  const t = useTranslations('error');
  return (
    <main id="main" className="page">
      <h1 className="says">{t('title')}</h1>
      <p className="under my-4">{t('words', { id: error.digest ?? '' })}</p>
      <button type="button" className="btn" onClick={reset}>
        {t('again')}
      </button>
    </main>
  );
}
