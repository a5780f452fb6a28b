import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { SmallRailing } from '../railing/SmallRailing';
import { ReadersOfRow } from './PostRow';
import type { SetRowShown } from './setProps';

interface SetRowProps {
  readonly row: SetRowShown;
  /** How many criteria are judged for the assignment. */
  readonly rubric: number;
  readonly chosen: boolean;
  readonly onChoose: (chosen: boolean) => void;
}

/** A student of the set: what was needed, where the post is, who read it, the grade or why there is none. */
export function SetRow({ row, rubric, chosen, onChoose }: SetRowProps) {
  const t = useTranslations('set');
  return (
    <tr className={chosen ? 'in-choice' : ''}>
      <td>
        <input
          type="checkbox"
          aria-label={t('choose', { name: row.name })}
          checked={chosen}
          onChange={({ target }) => onChoose(target.checked)}
        />
      </td>
      <th scope="row" dir="auto">
        {row.way ? (
          <Link href={row.way} prefetch={false}>
            {row.name}
          </Link>
        ) : (
          row.name
        )}
        {row.left ? <span className="calm"> {t('left')}</span> : null}
      </th>
      <td>{row.slats ? <SmallRailing slats={row.slats} /> : null}</td>
      <td>
        {row.excused
          ? t('excused')
          : t(`state.${row.state}`, { ordinal: row.ordinal, saved: row.saved ?? '' })}
        {row.typedInBy === null ? null : (
          <span className="calm block">{t('typedInBy', { by: row.typedInBy })}</span>
        )}
        {row.awayUntil ? <span className="calm block">{t('away', { day: row.awayUntil })}</span> : null}
        {row.until ? <span className="calm block">{t('until', { when: row.until })}</span> : null}
        {row.reminded && row.state !== 'accepted' && row.state !== 'handedIn' ? (
          <span className="calm block">{t('reminded', { when: row.reminded })}</span>
        ) : null}
        {row.planned ? (
          <span className={row.planned.notOpened ? 'problem block' : 'calm block'}>
            {t(row.planned.notOpened ? 'notOpened' : 'opensAt', { when: row.planned.when })}
          </span>
        ) : null}
        {row.readers ? <ReadersOfRow {...row} /> : null}
      </td>
      <td className="calm">{row.handedIn ?? '–'}</td>
      <td>
        {row.readBy.map(({ monogram, name }) => (
          <span key={name} className="mono small" role="img" aria-label={name} title={name}>
            {monogram}
          </span>
        ))}
      </td>
      <td>
        {row.second?.mine ? (
          <span className="calm">{t('second.mine')}</span>
        ) : (
          <Figure row={row} rubric={rubric} />
        )}
        {row.second && !row.second.mine ? (
          <span className="calm block">{t(`second.${row.second.state}`, { by: row.second.by })}</span>
        ) : null}
      </td>
      <td className="text-plum">{row.notes > 0 ? t('notes', { count: row.notes }) : null}</td>
    </tr>
  );
}

/** The grade, or what it waits for. */
function Figure({ row, rubric }: Pick<SetRowProps, 'row' | 'rubric'>) {
  const t = useTranslations('set.figure');
  const format = useFormatter();
  const { figure, handInId, judged, readBy, excused } = row;
  if (handInId === null || !figure) return <span className="calm">{t(excused ? 'leftOut' : 'noPost')}</span>;
  if (figure.provisional)
    return readBy.length === 0 ? (
      <span className="calm">{t('notRead')}</span>
    ) : (
      <b className="text-clay">{judged < rubric ? t('judged', { judged, of: rubric }) : t('toLookFor')}</b>
    );
  return (
    <>
      <b className="font-read text-[16px]">{format.number(figure.grade)}</b>{' '}
      <span className="calm">{t('of', { possible: figure.possible })}</span>
      {figure.givenBack === null ? null : (
        <span className="calm block">
          {figure.givenBack === figure.grade ? t('givenBack') : t('givenBackAs', { grade: figure.givenBack })}
        </span>
      )}
    </>
  );
}
