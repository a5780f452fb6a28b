import { useTranslations } from 'next-intl';
import { PlainLintel } from '../desk/PlainLintel';

export interface OpenedDraftProps {
  readonly title: string;
  readonly html: string;
  readonly writer: string;
  readonly assignment: string;
  readonly saved: string;
  readonly until: string;
  /** Whether the writer is told. */
  readonly told: boolean;
}

/** A draft that a teacher and an administrator have opened for a safety concern. */
export function OpenedDraft({ title, html, writer, assignment, saved, until, told }: OpenedDraftProps) {
  const t = useTranslations('safety');
  return (
    <>
      <PlainLintel home="/classes" />
      <main id="main" className="post-body">
        <p className="border-y border-line py-2 text-ink-2">
          {t('draftLine', { writer, assignment, saved, until })} {t(told ? 'writerKnows' : 'writerNotTold')}
        </p>
        <h1 className="post-title my-5">{title || t('untitled')}</h1>
        <div className="prose" dangerouslySetInnerHTML={{ __html: html }} />
      </main>
    </>
  );
}
