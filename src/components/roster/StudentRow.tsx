'use client';

import type { Row } from '@tanstack/react-table';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { Mark } from '../basics/Mark';
import { useAddresses } from '../desk/useAddresses';
import { ConsentLine } from './ConsentLine';
import { canHaveCard, needsHelp, type RosterStudent } from './rosterProps';

/** Marks and words of the ways in; the marks are those of the railing. */
const MARKS: Readonly<Record<RosterStudent['signIn'], string>> = {
  noCard: 's-g',
  notUsed: 's-h',
  locked: 's-o',
  used: 's-m',
  ownAccount: 's-m',
  otherHome: 's-m',
};

interface StudentRowProps {
  readonly row: Row<RosterStudent>;
  readonly onEdit: (personId: string) => void;
}

/** A student in the roster: how they get in, what consent holds for, when they were here, and what can be done. */
export function StudentRow({ row, onEdit }: StudentRowProps) {
  const t = useTranslations('roster');
  const addresses = useAddresses();
  const student = row.original;
  return (
    <tr>
      <td>
        <input
          type="checkbox"
          aria-label={t('choose', { name: student.name })}
          checked={row.getIsSelected()}
          onChange={row.getToggleSelectedHandler()}
        />
      </td>
      <th scope="row">
        <span className="flex items-center gap-2.5">
          <span className="mono" aria-hidden="true">
            {student.monogram}
          </span>
          <button
            type="button"
            className="plain"
            title={`${student.givenName} ${student.familyName}`}
            onClick={() => onEdit(student.personId)}
          >
            {student.name}
            {student.group ? <small className="block font-normal text-ink-2">{student.group}</small> : null}
            {student.awayUntil ? (
              <small className="block font-normal text-ink-2">
                {t('away.until', { day: student.awayUntil })}
              </small>
            ) : null}
          </button>
        </span>
      </th>
      <td>{student.penName ? <i className="font-read">{student.penName}</i> : t('noneYet')}</td>
      <td className="text-ink">
        <span className="flex items-center gap-2">
          <Mark id={MARKS[student.signIn]} className="s" />
          {t(`signIn.${student.signIn}`, { tries: student.wrongTries })}
        </span>
      </td>
      <td>
        <ConsentLine consents={student.consents} />
      </td>
      <td>{student.lastSeen ?? t('notYet')}</td>
      <td>
        <Link
          className="act"
          href={addresses.student(student.personId)}
          aria-label={t('postsOf', { name: student.name, count: student.posts })}
          prefetch={false}
        >
          {student.posts}
        </Link>
      </td>
      <td>
        {needsHelp(student) ? (
          <Link
            className="act"
            href={`${addresses.cards}?for=${student.personId}`}
            aria-label={t(student.signIn === 'locked' ? 'newCardFor' : 'printCardFor', {
              name: student.name,
            })}
          >
            {t(student.signIn === 'locked' ? 'newCard' : 'printCard')}
          </Link>
        ) : (
          <span className="flex flex-wrap gap-x-4">
            {canHaveCard(student) ? (
              <Link
                className="act"
                href={`${addresses.cards}?for=${student.personId}`}
                aria-label={t('newCardFor', { name: student.name })}
              >
                {t('newCard')}
              </Link>
            ) : null}
            <button
              type="button"
              className="act"
              aria-label={t('changeFor', { name: student.name })}
              onClick={() => onEdit(student.personId)}
            >
              {t('change')}
            </button>
          </span>
        )}
      </td>
    </tr>
  );
}
