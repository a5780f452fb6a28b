import { useTranslations } from 'next-intl';

export interface DraftToReadProps {
  readonly title: string;
  readonly html: string;
  readonly writer: string;
  readonly assignment: string;
  readonly saved: string;
  readonly handedIn: boolean;
}

/** A draft that its assignment lets teachers read. Its writer is told that they did. */
export function DraftToRead({ title, html, writer, assignment, saved, handedIn }: DraftToReadProps) {
  const t = useTranslations('review.draft');
  return (
    <main id="main" className="post-body">
      <p className="border-y border-line py-2 text-ink-2">
        {t('line', { writer, assignment, saved })} {t('told', { writer })}{' '}
        {handedIn ? t('handedInToo') : null}
      </p>
      <h1 className="post-title my-5">{title || t('untitled')}</h1>
      <div className="prose" dangerouslySetInnerHTML={{ __html: html }} />
    </main>
  );
}
