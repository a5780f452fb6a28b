import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { Fragment } from 'react';
import { reviewAddress } from '../../contract/addresses';
import type { Slip } from '../../contract/reviews/slip';
import { SmallRailing } from '../railing/SmallRailing';
import { useNumberInWords } from '../basics/useNumberInWords';

/** The reading pile: slips that hang under the lintel, oldest first, an assignment beside the next. */
export function Slips({
  slips,
  current,
}: {
  readonly slips: readonly Slip[];
  readonly current: string | null;
}) {
  const t = useTranslations('pile');
  const inWords = useNumberInWords();
  const assignments = [...new Set(slips.map((slip) => slip.assignment))];
  const parts = assignments.map((title) =>
    t('part', { title, count: slips.filter((slip) => slip.assignment === title).length }),
  );
  return (
    <nav className="slips no-print" aria-label={t('label')}>
      <p className="tally">
        <b>{t('wait', { count: slips.length, number: inWords(slips.length) })}</b>
        {parts.join(', ')}
        {slips.length > 1 ? `, ${t('oldestFirst')}` : ''}
      </p>
      {slips.map((slip, index) => (
        <Fragment key={slip.postId}>
          {index > 0 && slips[index - 1]?.assignment !== slip.assignment ? (
            <i className="gapost" aria-hidden="true" />
          ) : null}
          <SlipOnPile slip={slip} current={slip.postId === current} />
        </Fragment>
      ))}
    </nav>
  );
}

function SlipOnPile({ slip, current }: { readonly slip: Slip; readonly current: boolean }) {
  const t = useTranslations('pile');
  const more = [
    slip.group === null ? null : t('group', { group: slip.group }),
    slip.ordinal > 1 ? t('time', { ordinal: slip.ordinal }) : null,
    slip.daysLate > 0 ? t('late', { days: slip.daysLate }) : null,
  ].filter(Boolean);
  return (
    <Link
      className="slip"
      href={reviewAddress(slip.postId)}
      prefetch={false}
      {...(current ? { 'aria-current': 'page' as const } : {})}
    >
      <span className="mono" aria-hidden="true">
        {slip.monogram}
      </span>
      <b>{slip.writer}</b>
      <span>{t('hours', { hours: slip.hoursWaiting })}</span>
      <SmallRailing slats={slip.slats} />
      {more.length ? <span className="more">{more.join(', ')}</span> : null}
    </Link>
  );
}
