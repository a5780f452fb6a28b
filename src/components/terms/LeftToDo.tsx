'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import type { LeftShown, TermShown } from '../../contract/gradebook/termShown';
import { Mark } from '../basics/Mark';

/** So many names are said; more are counted. */
const MOST_NAMES = 4;

/** What is left to do before a term can be closed, with the ways there. */
export function LeftToDo({ term }: { readonly term: TermShown }) {
  const t = useTranslations('term.left');
  const { left, unread, notBack, classId, readsSecond } = term;
  const names = left.flatMap(({ unreadOf }) => unreadOf);
  const at = addressesOf(classId);
  const way = ({ assignmentId }: LeftShown) => (assignmentId ? at.set(assignmentId) : at.gradebook);
  return (
    <ul className="term-left">
      {unread > 0 ? (
        <li>
          <Mark id="s-u" className="s" />
          <b>{t('unread', { count: unread })}</b>{' '}
          {names.length > MOST_NAMES
            ? t('of', { names: names.slice(0, MOST_NAMES).join(', '), more: names.length - MOST_NAMES })
            : names.length > 0
              ? t('names', { names: names.join(', ') })
              : null}{' '}
          {left
            .filter((one) => one.unread > 0)
            .map((one) => (
              <Link key={one.columnId} className="act" href={way(one)} prefetch={false}>
                {t('read', { count: one.unread, title: one.title })}
              </Link>
            ))}
        </li>
      ) : null}
      {notBack > 0 ? (
        <li>
          <Mark id="s-h" className="s" />
          <b>{t('notBack', { count: notBack })}</b>{' '}
          {left
            .filter((one) => one.notBack > 0)
            .map((one) => (
              <Link key={one.columnId} className="act" href={way(one)} prefetch={false}>
                {t('giveBack', { count: one.notBack, title: one.title })}
              </Link>
            ))}
        </li>
      ) : null}
      {readsSecond ? <li>{t('readsSecond')}</li> : null}
    </ul>
  );
}
