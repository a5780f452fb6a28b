import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { WorkShown } from '../assignment/workShown';
import { LeftWriting, type LeftPostShown } from './LeftWriting';
import { WorkRow } from './WorkRow';
import { useNumberInWords } from '../basics/useNumberInWords';

interface MyWritingProps {
  readonly work: readonly WorkShown[];
  readonly left: readonly LeftPostShown[];
}

/** All that a student has begun, and what is still to be begun. */
export function MyWriting({ work, left }: MyWritingProps) {
  const t = useTranslations('today.student');
  const inWords = useNumberInWords();
  const begun = work.filter((one) => one.postId !== null);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('myWriting', { count: begun.length, number: inWords(begun.length) })}</h1>
      <p className="under">
        {begun.length < work.length ? (
          <Link href="/today">{t('moreToBegin', { count: work.length - begun.length })}</Link>
        ) : (
          t('allBegun')
        )}
      </p>
      <ul className="rows mt-6">
        {begun.map((one) => (
          <WorkRow key={one.assignmentId} work={one} />
        ))}
      </ul>
      <LeftWriting posts={left} />
    </main>
  );
}
