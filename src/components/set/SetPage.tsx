import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { useNumberInWords } from '../basics/useNumberInWords';
import { PostRow, type PostRowShown } from './PostRow';

interface SetPageProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly isSet: boolean;
  readonly due: string | null;
  readonly past: boolean;
  /** Those that are equally far stand together. */
  readonly groups: readonly {
    readonly state: PostRowShown['state'];
    readonly rows: readonly PostRowShown[];
  }[];
}

/** All posts of one assignment, with who has none yet: each is within reach from here, for good. */
export function SetPage({ classId, assignmentId, title, isSet, due, past, groups }: SetPageProps) {
  const t = useTranslations('set');
  const inWords = useNumberInWords();
  const all = groups.flatMap((group) => group.rows);
  const handedIn = all.filter((row) => row.handedIn !== null).length;
  const notBegun = all.filter((row) => row.state === 'notBegun').length;
  const addresses = addressesOf(classId);
  return (
    <main className="page" id="main">
      <h1 className="says">
        {all.length === 0
          ? t('nobody')
          : t('title', { handedIn, number: inWords(handedIn), of: all.length, notBegun })}
      </h1>
      <p className="under" dir="auto">
        {due ? t(past ? 'wasDue' : 'isDue', { title, due }) : t('noDue', { title })}
        {isSet ? '' : ` ${t('notSet')}`} {all.some((row) => row.way !== null) ? t('press') : null}
      </p>
      <p className="mt-1 flex flex-wrap gap-x-5">
        <Link className="act" href={addresses.assignment(assignmentId)}>
          {t('assignment')}
        </Link>
        <Link className="act" href={addresses.board(assignmentId)} prefetch={false}>
          {t('board')}
        </Link>
        {all.length === 0 ? (
          <Link className="act" href={addresses.roster}>
            {t('addStudents')}
          </Link>
        ) : null}
      </p>
      {groups.map(({ state, rows }) => (
        <section key={state} className="set-group" aria-labelledby={`set-${state}`}>
          <h2 id={`set-${state}`}>{t(`group.${state}`, { count: rows.length })}</h2>
          {state === 'notBegun' ? (
            <ul className="names">
              {rows.map((row) => (
                <li key={row.key} dir="auto">
                  {row.name}
                </li>
              ))}
            </ul>
          ) : (
            <ul className="rows">
              {rows.map((row) => (
                <PostRow key={row.key} row={row} />
              ))}
            </ul>
          )}
        </section>
      ))}
    </main>
  );
}
