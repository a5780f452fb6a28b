'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import type { BookShown, ColumnShown } from '../../contract/gradebook/bookShown';
import { dropColumn } from '../../contract/gradebook/dropColumn';
import { useDeed } from '../basics/useDeed';
import { ColumnForm } from './ColumnForm';
import { GiveBackForm } from './GiveBackForm';

interface ColumnPanelProps {
  readonly book: BookShown;
  readonly column: ColumnShown;
  readonly onGone: () => void;
}

/** How a column went, and what can be done with it. */
export function ColumnPanel({ book, column, onGone }: ColumnPanelProps) {
  const t = useTranslations('gradebook.column');
  const format = useFormatter();
  const { act, busy, problem } = useDeed();
  const [doing, setDoing] = useState<'change' | 'drop' | 'giveBack' | null>(null);
  const { title, possible, due, mean, median, graded, waiting, missing, notBack, hidden, kind } = column;
  if (doing === 'change') return <ColumnForm book={book} column={column} onDone={() => setDoing(null)} />;
  return (
    <>
      <h2 dir="auto">{title}</h2>
      <p className="calm">{due ? t('dueOf', { due, possible }) : t('of', { possible })}</p>
      <ul className="mt-3 grid gap-1">
        <li>{t('graded', { count: graded })}</li>
        {kind === 'post' && waiting > 0 ? <li>{t('waiting', { count: waiting })}</li> : null}
        {missing > 0 ? <li className="late">{t('missing', { count: missing })}</li> : null}
        {notBack > 0 ? <li>{t('notBack', { count: notBack })}</li> : null}
        {mean === null ? null : <li>{t('mean', { mean, median: median ?? mean })}</li>}
      </ul>
      {hidden && hidden.length > 0 ? (
        <>
          <h3 className="mt-4">{t('hidden')}</h3>
          <table className="sum">
            <tbody>
              {hidden.map(({ number, cell }) => (
                <tr key={number}>
                  <td>
                    {cell.postId ? (
                      <Link href={reviewAddress(cell.postId)} prefetch={false}>
                        {number}
                      </Link>
                    ) : (
                      number
                    )}
                  </td>
                  <td>{cell.figure === undefined ? t('toRead') : format.number(cell.figure)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
      <div className="book-acts">
        {kind === 'post' ? (
          <Link className="btn go" href={addressesOf(book.classId).set(column.id)} prefetch={false}>
            {t('set')}
          </Link>
        ) : doing === 'giveBack' ? (
          <GiveBackForm book={book} column={column} onDone={() => setDoing(null)} />
        ) : book.mayChange && doing === 'drop' ? (
          <>
            <p>{t('dropAsks', { count: graded })}</p>
            <button
              type="button"
              className="btn go"
              disabled={busy}
              onClick={async () => {
                if (await act(dropColumn, { classId: book.classId, columnId: column.id })) onGone();
              }}
            >
              {t('drop')}
            </button>
            <button type="button" className="btn" onClick={() => setDoing(null)}>
              {t('leave')}
            </button>
          </>
        ) : (
          <>
            {notBack > 0 ? (
              <button type="button" className="btn go" onClick={() => setDoing('giveBack')}>
                {t('giveBack', { count: notBack })}
              </button>
            ) : null}
            {book.mayChange ? (
              <>
                <button type="button" className="btn" onClick={() => setDoing('change')}>
                  {t('change')}
                </button>
                <button type="button" className="btn" onClick={() => setDoing('drop')}>
                  {t('dropAsked')}
                </button>
              </>
            ) : null}
          </>
        )}
      </div>
    </>
  );
}
