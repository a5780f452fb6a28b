'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRef, useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import type { MarkShown } from '../../contract/gradebook/termShown';
import { Mark } from '../basics/Mark';
import { usePercent } from '../gradebook/usePercent';
import { MarkForm } from './MarkForm';

interface MarkRowProps {
  readonly classId: string;
  readonly term: string;
  readonly mark: MarkShown;
  readonly bands: readonly { readonly letter: string; readonly from: number }[];
  readonly rounding: number;
  readonly mayGive: boolean;
  /** The totals of the terms, of a year. */
  readonly terms: readonly (number | null)[];
}

/** The mark of one student: as computed, or as a teacher gave it. */
export function MarkRow({ classId, term, mark, bands, rounding, mayGive, terms }: MarkRowProps) {
  const t = useTranslations('term.marks');
  const percent = usePercent(rounding);
  const [giving, setGiving] = useState(false);
  const press = useRef<HTMLButtonElement>(null);
  const { name, overall, computed, given, unread, withheld } = mark;
  const asComputed = computed ?? '–';
  const shown = given ? (
    <>
      <b>{given.mark}</b>
      {given.mark === computed ? null : <em>, {t('was', { mark: asComputed })}</em>}
    </>
  ) : (
    asComputed
  );
  const ends = () => {
    setGiving(false);
    setTimeout(() => press.current?.focus());
  };
  return (
    <>
      <tr className={given ? 'given' : unread > 0 ? 'so-far' : ''}>
        <th scope="row" dir="auto">
          <Link href={addressesOf(classId).student(mark.personId)} prefetch={false}>
            {name}
          </Link>{' '}
          {mark.left ? <small>{t('left')}</small> : null}
        </th>
        {terms.map((total, at) => (
          <td key={at} className="r">
            {percent(total)}
          </td>
        ))}
        <td className="r figure">
          {unread > 0 ? (
            <small>
              <Mark id="s-u" className="s" /> {t('soFar')}
            </small>
          ) : null}{' '}
          {withheld ? t('withheld') : percent(overall)}
        </td>
        <td className="post" dir="auto">
          {mayGive && !withheld ? (
            <button
              ref={press}
              type="button"
              className="mark-press"
              aria-expanded={giving}
              aria-label={t('give', { name, mark: given?.mark ?? asComputed })}
              onClick={() => setGiving(!giving)}
            >
              {shown}
            </button>
          ) : (
            shown
          )}
        </td>
        <td className="why" dir="auto">
          {given ? (
            given.reason
          ) : mark.firstUnread ? (
            <Link href={reviewAddress(mark.firstUnread)} prefetch={false}>
              {t('toRead', { count: unread })}
            </Link>
          ) : unread > 0 ? (
            t('stoodUnread', { count: unread })
          ) : null}
        </td>
      </tr>
      {giving ? (
        <tr className="giving">
          <td colSpan={4 + terms.length}>
            <MarkForm classId={classId} term={term} mark={mark} bands={bands} onDone={ends} />
          </td>
        </tr>
      ) : null}
    </>
  );
}
