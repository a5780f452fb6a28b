import { useTranslations } from 'next-intl';
import Link from 'next/link';

export interface KeptPageProps {
  readonly title: string;
  readonly html: string;
  readonly writer: string;
  readonly handedIn: string;
  readonly receipt: string;
  readonly words: number;
  readonly takenBack: boolean;
}

/** A hand-in, kept as it was. */
export function KeptPage({ title, html, writer, handedIn, receipt, words, takenBack }: KeptPageProps) {
  const t = useTranslations('kept');
  return (
    <div className="blog">
      <main id="main" className="post-body !mt-0 pt-8">
        <p className="border-y border-line py-2 text-ink-2">
          {t('line', { writer, when: handedIn, words, receipt })} {takenBack ? t('takenBack') : t('onlyYou')}{' '}
          <Link href="/today">{t('toDesk')}</Link>
        </p>
        <h1 className="post-title my-5">{title || t('untitled')}</h1>
        <div className="prose" dangerouslySetInnerHTML={{ __html: html }} />
      </main>
    </div>
  );
}
