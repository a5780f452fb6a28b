import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { ClassWorkShown } from '../assignment/workShown';
import { LeftWriting, type LeftPostShown } from './LeftWriting';
import { WorkRow } from './WorkRow';
import { useNumberInWords } from '../basics/useNumberInWords';

interface MyWritingProps {
  /** By class, the one that is looked at first. */
  readonly groups: readonly ClassWorkShown[];
  readonly left: readonly LeftPostShown[];
}

/** All that a student has begun, in every class, and what is still to be begun. */
export function MyWriting({ groups, left }: MyWritingProps) {
  const t = useTranslations('today.student');
  const inWords = useNumberInWords();
  const begun = groups.map((group) => ({ ...group, work: group.work.filter((one) => one.postId !== null) }));
  const count = begun.reduce((sum, group) => sum + group.work.length, 0);
  const all = groups.reduce((sum, group) => sum + group.work.length, 0);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('myWriting', { count, number: inWords(count) })}</h1>
      <p className="under">
        {count < all ? <Link href="/today">{t('moreToBegin', { count: all - count })}</Link> : t('allBegun')}
      </p>
      {begun
        .filter((group) => group.work.length > 0)
        .map((group) => (
          <section key={group.classId} className="mt-6" aria-label={group.title}>
            {groups.length > 1 ? (
              <h2 className="section-head">
                {group.title} {group.groupName}
              </h2>
            ) : null}
            <ul className="rows">
              {group.work.map((one) => (
                <WorkRow key={one.assignmentId} work={one} byPost />
              ))}
            </ul>
          </section>
        ))}
      <LeftWriting posts={left} />
    </main>
  );
}
