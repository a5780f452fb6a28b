import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { PlainLintel } from '../desk/PlainLintel';
import type { NoteShown } from '../../contract/notes/noteShown';
import { GradeGivenBack, type GradeShown } from '../feedback/GradeGivenBack';
import { NotesInMargin } from '../feedback/NotesInMargin';

export interface LeftPostProps {
  readonly title: string;
  readonly html: string;
  readonly assignment: string;
  readonly inClass: string;
  readonly saved: string;
  readonly notes: readonly NoteShown[];
  readonly grade: GradeShown | null;
}

/** A post of a class that its writer has left: to read, with what the teachers said. */
export function LeftPost({ title, html, assignment, inClass, saved, notes, grade }: LeftPostProps) {
  const t = useTranslations('leftWriting');
  return (
    <>
      <PlainLintel home="/account" />
      <main id="main" className="post-body">
        <p className="border-y border-line py-2 text-ink-2">
          {t('line', { assignment, inClass, saved })}. {t('onlyRead')}{' '}
          <Link href="/account">{t('back')}</Link>
        </p>
        <h1 className="post-title my-5">{title || assignment}</h1>
        <div className="prose mb-10" dangerouslySetInnerHTML={{ __html: html }} />
        {grade ? <GradeGivenBack {...grade} /> : null}
        <NotesInMargin notes={notes} />
      </main>
    </>
  );
}
