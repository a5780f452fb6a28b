'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { Fragment, useState } from 'react';
import { reviewAddress } from '../../contract/addresses';
import type { Pile, Slip } from '../../contract/reviews/slip';
import { nextOnPile } from '../../core/posts/pile';
import { SmallRailing } from '../railing/SmallRailing';
import { useNumberInWords } from '../basics/useNumberInWords';
import { PileOrder } from './PileOrder';

/** The reading pile: slips that hang under the lintel, in the order that the teacher chose, a post between one part and the next. */
export function Slips({ parts, current, ...order }: Pile & { readonly current: string | null }) {
  const t = useTranslations('pile');
  const inWords = useNumberInWords();
  const slips = parts.flat();
  const assignments = [...new Set(slips.map((slip) => slip.assignment))].map((title) =>
    t('part', { title, count: slips.filter((slip) => slip.assignment === title).length }),
  );
  /** Whether all are shown where there is room for one. */
  const [all, setAll] = useState(false);
  const here = slips.findIndex((slip) => slip.postId === current);
  // The page itself asks at once whether what was fetched ahead still stands, and only then is it noted as read.
  const next = current === null ? (slips[0]?.postId ?? null) : nextOnPile(slips, current);
  return (
    <nav className={`slips no-print ${all ? 'all' : ''}`} aria-label={t('label')}>
      <SlipLine slips={slips} here={here} all={all} onAll={() => setAll(!all)} />
      <div className="tally">
        <b>{t('wait', { count: slips.length, number: inWords(slips.length) })}</b>
        <span className="block">{assignments.join(', ')}</span>
        <PileOrder {...order} />
      </div>
      {parts.map((part, index) => (
        <Fragment key={part[0]?.postId}>
          {index > 0 ? <i className="gapost" aria-hidden="true" /> : null}
          {part.map((slip) => (
            <SlipOnPile
              key={slip.postId}
              slip={slip}
              current={slip.postId === current}
              ahead={slip.postId === next}
            />
          ))}
        </Fragment>
      ))}
    </nav>
  );
}

/** Where there is no room for all slips: the one that is read, and the ways to those beside it. */
function SlipLine({
  slips,
  here,
  all,
  onAll,
}: {
  readonly slips: readonly Slip[];
  readonly here: number;
  readonly all: boolean;
  readonly onAll: () => void;
}) {
  const t = useTranslations('pile');
  const [before, slip, after] = [slips[here - 1], slips[here], slips[here + 1]];
  const way = (to: Slip | undefined, name: string) =>
    to ? (
      <Link className="act" href={reviewAddress(to.postId)} prefetch={false}>
        {name}
      </Link>
    ) : null;
  return (
    <div className="slip-line">
      <span>
        <b>
          {slip
            ? `${slip.writer}, ${slip.assignment}`
            : t('wait', { count: slips.length, number: slips.length })}
        </b>
        {slip ? t('placeOf', { place: here + 1, of: slips.length }) : null}
        {slip && slip.ordinal > 1 ? ` · ${t('time', { ordinal: slip.ordinal })}` : null}
      </span>
      <span className="ways">
        <button type="button" className="act" aria-expanded={all} onClick={onAll}>
          {t('all')}
        </button>
        {way(before, t('before'))}
        {way(after ?? (slip ? undefined : slips[0]), t('after'))}
      </span>
    </div>
  );
}

interface SlipProps {
  readonly slip: Slip;
  readonly current: boolean;
  /** Whether its post is fetched before anybody presses it. */
  readonly ahead: boolean;
}

function SlipOnPile({ slip, current, ahead }: SlipProps) {
  const t = useTranslations('pile');
  const { takenBy, openWith, answers } = slip;
  const more = [
    slip.group === null ? null : t('group', { group: slip.group }),
    slip.second ? t('second') : null,
    slip.ordinal > 1 ? t('time', { ordinal: slip.ordinal }) : null,
    slip.changesPublished ? t('changesPublished') : null,
    slip.daysLate > 0 ? t('late', { days: slip.daysLate }) : null,
    answers.count > 0 && !answers.asks ? t('answers', { count: answers.count }) : null,
  ].filter(Boolean);
  const kinds = useTranslations('details.kind');
  const likeWhose = (whose: NonNullable<Slip['alike']>) => {
    const [name] = whose.filter((one) => one !== null);
    if (name !== undefined) return t('likeWhose', { name, more: whose.length - 1 });
    return whose.length > 0 ? t('likeClassmate') : t('alike');
  };
  const forAnEye = [
    ...slip.details.map((kind) => kinds(kind)),
    slip.alike ? likeWhose(slip.alike) : null,
    answers.asks ? t('asks') : null,
  ].filter(Boolean);
  const others =
    takenBy && !takenBy.mine
      ? t('takenBy', { name: takenBy.name })
      : openWith === null
        ? null
        : t('openWith', { name: openWith });
  return (
    <Link
      className={others ? 'slip with-another' : 'slip'}
      href={reviewAddress(slip.postId)}
      prefetch={ahead}
      {...(current ? { 'aria-current': 'page' as const } : {})}
    >
      <span className="mono" aria-hidden="true">
        {slip.monogram}
      </span>
      <b>{slip.writer}</b>
      <span>{t('hours', { hours: slip.hoursWaiting })}</span>
      <SmallRailing slats={slip.slats} />
      {more.length ? <span className="more">{more.join(', ')}</span> : null}
      {forAnEye.length ? <strong className="more for-an-eye">{forAnEye.join(', ')}</strong> : null}
      {others ? <span className="more others-at">{others}</span> : null}
      {takenBy?.mine ? <span className="more">{t('takenByYou')}</span> : null}
    </Link>
  );
}
