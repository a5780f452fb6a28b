'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { reviewAddress } from '../../contract/addresses';
import type { Criterion } from '../../core/assignments/rubric';
import Link from 'next/link';
import { LevelsRailing } from './LevelsRailing';
import type { GivenShown, SecondRowShown } from './secondProps';

interface TwiceTableProps {
  readonly rubric: readonly Criterion[];
  readonly rows: readonly SecondRowShown[];
  readonly chosen: string | null;
  readonly onChoose: (postId: string) => void;
}

/** What both readers gave each post, the largest difference first. */
export function TwiceTable({ rubric, rows, chosen, onChoose }: TwiceTableProps) {
  const t = useTranslations('second');
  const [row] = rows;
  if (!row) return null;
  const names = { isReader: String(row.isReader), by: row.by };
  return (
    <>
      <table className="twice-table">
        <thead>
          <tr>
            <th scope="col">{t('largestFirst')}</th>
            <th scope="col">{t(row.isReader ? 'firstReader' : 'you')}</th>
            <th scope="col">{row.isReader ? t('you') : row.by}</th>
            <th scope="col">{t('gave', names)}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((one) => (
            <tr key={one.postId} className={one.postId === chosen ? 'on' : ''}>
              <th scope="row" dir="auto">
                <button
                  type="button"
                  aria-pressed={one.postId === chosen}
                  onClick={() => onChoose(one.postId)}
                >
                  {one.writer.name}
                </button>
                <small>
                  {one.state === 'settled'
                    ? t('wasSet', { figure: one.settled?.figure ?? 0 })
                    : one.difference === null
                      ? t(`state.${one.state}`, { by: one.by, isReader: String(one.isReader) })
                      : one.differing.length === 0
                        ? t('everyLevelSame')
                        : one.differing.join(', ')}
                </small>
              </th>
              <Given rubric={rubric} given={one.first} other={one.second} row={one} whose="first" />
              <Given rubric={rubric} given={one.second} other={one.first} row={one} whose="second" />
              <td className="gave">
                <Difference {...one} />
                {one.isReader && one.state === 'secondOpen' ? (
                  <Link className="act" href={reviewAddress(one.postId)} prefetch={false}>
                    {t('read')} <span className="sr-only">{one.writer.name}</span>
                  </Link>
                ) : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="hint">{t('hint', { names: rubric.map(({ name }) => name).join(', ') })}</p>
    </>
  );
}

interface GivenProps {
  readonly rubric: readonly Criterion[];
  readonly given: GivenShown | null;
  readonly other: GivenShown | null;
  readonly row: SecondRowShown;
  readonly whose: 'first' | 'second';
}

function Given({ rubric, given, other, row, whose }: GivenProps) {
  const t = useTranslations('second');
  const format = useFormatter();
  const who = row.isReader === (whose === 'second') ? t('you') : row.isReader ? t('firstReader') : row.by;
  if (!given)
    return (
      <td data-who={who}>
        <span className="calm">{t(`kept.${whose}`)}</span>
      </td>
    );
  const label = rubric
    .map(({ id, name }) =>
      given.levels[id] === undefined
        ? t('notJudged', { name })
        : t('level', { name, level: given.levels[id] + 1 }),
    )
    .join(', ');
  return (
    <td data-who={who}>
      <span className="given">
        <LevelsRailing
          rubric={rubric}
          levels={given.levels}
          other={row.difference === null ? null : (other?.levels ?? null)}
          label={label}
        />
        <span>
          <b className={row.difference === 0 ? 'same' : ''}>
            {given.figure === null ? '–' : format.number(given.figure)}
          </b>
          <small>{t('notes', { count: given.notes })}</small>
        </span>
      </span>
    </td>
  );
}

function Difference({ difference }: Pick<SecondRowShown, 'difference'>) {
  const t = useTranslations('second');
  if (difference === null) return null;
  if (difference === 0) return <span className="calm">{t('theSame')}</span>;
  return <b>{t(difference > 0 ? 'more' : 'less', { points: Math.abs(difference) })}</b>;
}
