'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { reviewAddress } from '../../contract/addresses';
import type { CellShown } from '../../contract/gradebook/bookShown';
import { SmallRailing } from '../railing/SmallRailing';

interface GridCellProps {
  readonly cell: CellShown;
  /** What was typed and is not in the page's data yet. */
  readonly typed: { readonly figure: number | null; readonly state: string } | null;
  readonly own: boolean;
}

/** The way to what waits; with the keys it is in the panel. */
function ToRead({ postId }: { readonly postId: string | undefined }) {
  const t = useTranslations('gradebook.cell');
  return postId ? (
    <Link className="to-read" href={reviewAddress(postId)} prefetch={false} tabIndex={-1}>
      {t('toRead')}
    </Link>
  ) : null;
}

/** What stands in a cell: its figure with what is to be known of it, or why there is none. */
export function GridCell({ cell, typed, own }: GridCellProps) {
  const t = useTranslations('gradebook.cell');
  const format = useFormatter();
  if (typed)
    return (
      <span className={typed.state === 'kept' ? '' : 'book-unsure'}>
        {typed.figure === null ? '' : format.number(typed.figure)}
        {typed.state === 'notKept' || typed.state === 'taken' ? (
          <small className="problem"> {t(typed.state)}</small>
        ) : null}
      </span>
    );
  const { state, figure, soFar, daysLate, slats, back } = cell;
  if (figure !== undefined)
    return (
      <>
        <b className={soFar ? 'so-far' : ''}>{format.number(figure)}</b>
        {soFar ? <small className="so-far">{t('soFar')}</small> : null}
        {daysLate ? <small className="late">{t('late', { days: daysLate })}</small> : null}
        {own || back === figure ? null : (
          <i
            className="not-back"
            role="img"
            aria-label={t(back === undefined ? 'notBack' : 'otherBack', { back: back ?? 0 })}
          />
        )}
      </>
    );
  switch (state) {
    case 'waiting':
      return own ? (
        <span className="calm">–</span>
      ) : (
        <>
          {slats ? <SmallRailing slats={slats} /> : null} <ToRead postId={cell.postId} />
        </>
      );
    case 'missing':
      return <b className="late">{t('missing')}</b>;
    case 'ahead':
      return slats ? <SmallRailing slats={slats} /> : <span className="calm">{t('notBegun')}</span>;
    case 'graded':
      return null;
    default:
      return <span className="calm">{t(state)}</span>;
  }
}
