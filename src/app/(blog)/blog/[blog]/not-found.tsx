import Link from 'next/link';
import { getTranslations } from 'next-intl/server';
import { AskPassphrase } from '@/components/blog/AskPassphrase';

/**
 * What is not there and what is not for this reader look alike, down to the passphrase that is asked for: it says nothing
 * about whether there is anything behind it.
 */
export default async function NothingHere() {
  const t = await getTranslations('notFound');
  return (
    <main id="main" className="page">
      <h1 className="says">{t('title')}</h1>
      <p className="under my-4">{t('words')}</p>
      <AskPassphrase />
      <p className="mt-8 flex gap-5">
        <Link className="act" href="/sign-in">
          {t('signIn')}
        </Link>
        <Link className="act" href="/">
          {t('back')}
        </Link>
      </p>
    </main>
  );
}
