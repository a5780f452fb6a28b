import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { useNumberInWords } from '../basics/useNumberInWords';
import { OwnLine } from './OwnLine';
import { PostRow, type PostRowShown } from './PostRow';

interface StudentPostsProps {
  readonly classId: string;
  readonly name: string;
  readonly left: boolean;
  readonly personId: string;
  /** What the teacher noted about them for themselves, and after how many months it goes. */
  readonly line: { readonly words: string; readonly months: number | null };
  /** A row for each assignment. */
  readonly rows: readonly PostRowShown[];
}

/** All that one student has written in a class, for those who teach it. */
export function StudentPosts({ classId, name, left, personId, line, rows }: StudentPostsProps) {
  const t = useTranslations('set.student');
  const inWords = useNumberInWords();
  const handedIn = rows.filter((row) => row.handedIn !== null).length;
  return (
    <main className="page" id="main">
      <h1 className="says" dir="auto">
        {t('title', { name, handedIn, number: inWords(handedIn), of: rows.length })}
      </h1>
      <p className="under">{t(left ? 'left' : 'under')}</p>
      <p className="mt-1">
        <Link className="act" href={addressesOf(classId).roster}>
          {t('roster')}
        </Link>{' '}
        <Link className="act ms-5" href={addressesOf(classId).sheetsOf([personId])} prefetch={false}>
          {t('sheet')}
        </Link>
      </p>
      <ul className="rows set-group mt-6 !block">
        {rows.map((row) => (
          <PostRow key={row.key} row={row} />
        ))}
      </ul>
      <OwnLine {...{ classId, personId, name }} {...line} />
    </main>
  );
}
