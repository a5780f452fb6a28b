import { useTranslations } from 'next-intl';
import Link from 'next/link';

/** The reading pile when all is read. */
export function EmptyPile() {
  const t = useTranslations('pile');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('empty')}</h1>
      <p className="under mb-5">{t('emptyNext')}</p>
      <Link className="btn" href="/today">
        {t('toToday')}
      </Link>
    </main>
  );
}
