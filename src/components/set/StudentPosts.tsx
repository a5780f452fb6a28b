import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { useNumberInWords } from '../basics/useNumberInWords';
import { PostRow, type PostRowShown } from './PostRow';

interface StudentPostsProps {
  readonly classId: string;
  readonly name: string;
  readonly left: boolean;
  /** A row for each assignment. */
  readonly rows: readonly PostRowShown[];
}

/** All that one student has written in a class, for those who teach it. */
export function StudentPosts({ classId, name, left, rows }: StudentPostsProps) {
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
        </Link>
      </p>
      <ul className="rows set-group mt-6 !block">
        {rows.map((row) => (
          <PostRow key={row.key} row={row} />
        ))}
      </ul>
    </main>
  );
}
