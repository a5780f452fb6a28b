'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { reviewAddress } from '../../contract/addresses';
import { giveBackGrade } from '../../contract/reviews/giveBackGrade';
import { goesBeyondClass } from '../../core/access/audience';
import { Mark } from '../basics/Mark';
import { AwayWords } from '../worries/AwayWords';
import { DetailsGoingOut } from './DetailsGoingOut';
import { openDetails } from './openDetails';
import { PendingDecision } from './PendingDecision';
import type { ReviewRailingProps } from './reviewProps';
import { SecondGate } from './SecondGate';

interface GateProps extends ReviewRailingProps {
  /** How many criteria are not judged yet. */
  readonly open: number;
  /** Shows the post's own passphrase above the button that was pressed. */
  readonly onPassphrase: (above: HTMLElement) => void;
  /** Shows until when it is asked for again above the button that was pressed. */
  readonly onSendBack: (above: HTMLElement) => void;
  /** Shows from when on it is to be read above the button that was pressed. */
  readonly onAcceptAt: (above: HTMLElement) => void;
  /** Shows who may read it above the button that was pressed. */
  readonly onReaders: (above: HTMLElement) => void;
}

/** The decision, and beside it the two facts that are never mixed up with it: who may read it, and the grade. */
export function TeacherGate(props: GateProps) {
  return props.second?.mine ? <SecondGate {...props} /> : <FirstGate {...props} />;
}

function FirstGate(props: GateProps) {
  const { stage, readers, grade, gradeGivenBack, writer, open, busy, problem } = props;
  const t = useTranslations('review.gate');
  const now = readers.now?.to ?? 'writerAndTeachers';
  return (
    <section className="gate" aria-label={t('label')}>
      <Mark id="gate-shut" className="leaf" />
      <div className="board">
        <div className="facts">
          <div>
            <b>{t('whoMayRead')}</b>
            {t(`audience.${now}`, { name: writer.name })}
            {readers.now?.heldBack
              ? `, ${t(readers.now.heldBack === 'worry' ? 'heldBackWorry' : 'heldBack', { audience: readers.published ?? now })}`
              : readers.since
                ? `, ${t('since', { when: readers.since })}`
                : ''}
            {readers.now && readers.readEarlier ? (
              <span className="block">{t('readEarlier', { when: readers.readEarlier })}</span>
            ) : null}
            {readers.planned ? (
              <span className={readers.planned.notOpened ? 'problem block' : 'block'}>
                {t(readers.planned.notOpened ? 'plannedNotOpened' : 'planned', {
                  audience: readers.planned.audience,
                  when: readers.planned.when,
                })}
              </span>
            ) : null}
          </div>
          <div>
            <b>{t('grade')}</b>
            {gradeGivenBack
              ? t(gradeGivenBack.grade === grade.grade ? 'givenBack' : 'givenBackOther', {
                  grade: gradeGivenBack.grade,
                  when: gradeGivenBack.when,
                  now: grade.grade,
                })
              : t('notGivenBack')}
          </div>
        </div>
        {problem ? (
          <p className="problem px-3 py-1" role="alert">
            {problem}
          </p>
        ) : null}
        {props.notesAtWork.unsent > 0 ? (
          <p className="px-2.5 pb-1.5 text-[13px]">
            {t('unsent', { count: props.notesAtWork.unsent })}{' '}
            <button type="button" className="act" disabled={busy} onClick={props.sendNotes}>
              {t('sendNotes')}
            </button>
          </p>
        ) : null}
        {readers.askedAddress ? (
          <p className="px-2.5 pb-1.5 text-[13px]">{t('askedAddress', { address: readers.askedAddress })}</p>
        ) : null}
        {readers.now?.heldBack === 'worry' ? (
          <AwayWords postId={props.postId} comment={null} own={false} putsBack />
        ) : null}
        {stage !== 'accepted' && readers.now ? (
          <p className="px-2.5 pb-1.5">
            <ChangeReaders {...props} />
          </p>
        ) : null}
        <PendingDecision pending={props.pending} />
        {stage === 'sentBack' ? <p className="px-2.5 pb-1.5 text-[13px]">{t('sentBack')}</p> : null}
        {stage === 'accepted' ? <AfterAcceptance {...props} /> : <Deciding {...props} open={open} />}
      </div>
      <span className="sr-only" role="status">
        {busy ? t('working') : ''}
      </span>
    </section>
  );
}

function Deciding({
  stage,
  decide,
  pending,
  busy,
  open,
  readers,
  details,
  nextPostId,
  onSendBack,
  onAcceptAt,
}: GateProps) {
  const t = useTranslations('review.gate');
  const router = useRouter();
  /** What was pressed when it was asked if what strangers should not know may go out. */
  const [asks, setAsks] = useState<'here' | 'next' | null>(null);
  const goingOut = readers.whenAccepted && goesBeyondClass(readers.whenAccepted) ? openDetails(details) : [];
  if (stage === 'sentBack' || (pending && pending.refused === null))
    return (
      <div className="doing">
        <Link
          className="sign no-underline"
          href={nextPostId ? `/pile/${nextPostId}` : '/pile'}
          prefetch={false}
        >
          {nextPostId ? t('readNext') : t('toPile')}
        </Link>
      </div>
    );
  const letGo = async (andNext: boolean) => {
    const done = await decide({ decision: 'accept', details: goingOut.map(({ key }) => key) });
    if (done && andNext) router.push(nextPostId ? reviewAddress(nextPostId) : '/pile');
  };
  const begin = (andNext: boolean) => {
    if (goingOut.length > 0) setAsks(andNext ? 'next' : 'here');
    else void letGo(andNext);
  };
  if (asks && goingOut.length > 0)
    return (
      <DetailsGoingOut
        details={goingOut}
        busy={busy}
        onGo={() => void letGo(asks === 'next')}
        onLeave={() => setAsks(null)}
      />
    );
  return (
    <div className="doing flex-wrap">
      <button
        type="button"
        className="sign"
        disabled={busy}
        onClick={() => void decide({ decision: 'sendBack' })}
      >
        {t('sendBack')}
      </button>
      <button
        type="button"
        className={open > 0 ? 'sign' : 'sign ready'}
        disabled={busy || open > 0}
        onClick={() => begin(false)}
      >
        {t('accept')}
        <small>
          {open > 0
            ? t('judgeFirst', { count: open })
            : readers.whenAccepted
              ? t(`reaches.${readers.whenAccepted}`)
              : t(readers.release === 'opened' ? 'reachesLater' : 'reachesNobody')}
        </small>
      </button>
      <span className="flex basis-full flex-wrap gap-x-4">
        <button
          type="button"
          className="act"
          disabled={busy}
          onClick={(event) => onSendBack(event.currentTarget)}
        >
          {t('sendBackMore')}
        </button>
        {open === 0 && readers.wished !== 'writerAndTeachers' ? (
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={(event) => onAcceptAt(event.currentTarget)}
          >
            {t('acceptAt')}
          </button>
        ) : null}
        {open === 0 && nextPostId ? (
          <button type="button" className="act" disabled={busy} onClick={() => begin(true)}>
            {t('acceptNext')}
          </button>
        ) : null}
      </span>
    </div>
  );
}

function AfterAcceptance(props: GateProps) {
  const { act, busy, readers, gradeGivenBack, nextPostId, onPassphrase } = props;
  const t = useTranslations('review.gate');
  return (
    <div className="doing flex-wrap">
      <ChangeReaders {...props} />
      {readers.now?.to === 'passphrase' ? (
        <button
          type="button"
          className="act self-center"
          onClick={(event) => onPassphrase(event.currentTarget)}
        >
          {t(readers.passphraseSince ? 'changePassphrase' : 'ownPassphrase')}
        </button>
      ) : null}
      {readers.address && readers.now ? (
        <a className="act self-center" href={readers.address}>
          {t('seeIt')}
        </a>
      ) : null}
      {gradeGivenBack ? (
        <Link
          className="sign no-underline"
          href={nextPostId ? `/pile/${nextPostId}` : '/pile'}
          prefetch={false}
        >
          {nextPostId ? t('readNext') : t('toPile')}
        </Link>
      ) : (
        <button
          type="button"
          className="sign ready"
          disabled={busy}
          onClick={() => void act(giveBackGrade, {})}
        >
          {t('giveBack')}
        </button>
      )}
    </div>
  );
}

function ChangeReaders({ onReaders }: GateProps) {
  const t = useTranslations('review.gate');
  return (
    <button type="button" className="act self-center" onClick={(event) => onReaders(event.currentTarget)}>
      {t('changeReaders')}
    </button>
  );
}
