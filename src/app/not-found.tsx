import Link from 'next/link';
import { getTranslations } from 'next-intl/server';

export default async function NotFound() {
  const t = await getTranslations('notFound');
  return (
    <main id="main" className="page">
      <h1 className="says">{t('title')}</h1>
      <p className="under my-4">{t('words')}</p>
      <Link className="btn" href="/">
        {t('back')}
      </Link>
    </main>
  );
}
