import { useTranslations } from 'next-intl';
import type { SentBackShown } from './composeProps';

/** What a teacher said when the post was sent back: until when it is asked for again, and what comes first. */
export function SentBack({ by, when, until, first }: SentBackShown) {
  const t = useTranslations('notes.sentBack');
  return (
    <section className="note loose" aria-label={t('label')}>
      <b>{t('by', { by, when })}</b>
      {until ? <p>{t('until', { until })}</p> : null}
      {first ? (
        <p dir="auto" className="whitespace-pre-line">
          {t('first')} {first}
        </p>
      ) : null}
    </section>
  );
}
