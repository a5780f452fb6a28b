'use client';

import { useTranslations } from 'next-intl';
import type { WordsDecision } from '../../core/safety/case';
import { Mark } from '../basics/Mark';
import { StillBay } from '../railing/Bay';
import type { Slat } from '../../core/requirements/slats';
import type { CaseProps } from './caseProps';

interface CaseRailingProps extends CaseProps {
  /** Who told, as they are called here. */
  readonly name: string;
  /** Whether an answer is typed that is not sent. */
  readonly typed: boolean;
  readonly busy: boolean;
  readonly problem: string;
  readonly onDecide: (decision: WordsDecision) => Promise<void>;
  readonly onAnswer: () => Promise<void>;
}

const WHOLE: readonly Slat[] = ['met', 'met', 'met', 'met', 'met'];
const OPEN: readonly Slat[] = ['gap', 'gap', 'gap', 'gap', 'gap'];
const BEGUN: readonly Slat[] = ['partly', 'partly', 'partly', 'partly', 'partly'];
/** What waits for whoever looks. */
const ASKED: readonly Slat[] = ['waits', 'gap', 'gap', 'gap', 'gap'];

/** How a case stands, bay by bay; in the gate the two acts: what becomes of the words, and the answer. */
export function CaseRailing(props: CaseRailingProps) {
  const { name, away, answer, promise, read, decision, decides, typed, busy } = props;
  const t = useTranslations('worries.case');
  const shared = useTranslations('worries');
  const whose = { name, classTitle: props.classTitle, about: props.about };
  return (
    <footer className="railing tall with-gate of-case" aria-label={t('railing')}>
      <ul className="bays">
        <StillBay name={t('bay.told', { when: props.toldAt })} slats={WHOLE}>
          {t(props.tookAway ? 'bay.toldAway' : 'bay.toldStays', whose)}
        </StillBay>
        <StillBay
          name={read ? t('bay.read', { when: read.when }) : t('bay.notRead')}
          slats={read ? WHOLE : OPEN}
        >
          {read ? t('bay.readBy', { name: read.by }) : t('bay.notReadYet')}
        </StillBay>
        <StillBay name={t('bay.decision')} slats={decision || !decides ? WHOLE : ASKED}>
          {!decides
            ? t('bay.nothingToDecide')
            : decision
              ? shared('isDecided', { decision })
              : t.rich('bay.waits', { em: (chunks) => <em className="wanting">{chunks}</em> })}
        </StillBay>
        <StillBay name={t('bay.answer')} slats={answer || !props.answerable ? WHOLE : typed ? BEGUN : OPEN}>
          {answer
            ? t('bay.sent', { name: answer.by, when: answer.when })
            : !props.answerable
              ? t('bay.nobody')
              : typed
                ? t('bay.typed', { by: promise.by ?? 'none' })
                : promise.by
                  ? t('bay.promised', { by: promise.by })
                  : null}
        </StillBay>
      </ul>
      <section className="gate" aria-label={t('gate.label')}>
        <Mark id="gate-shut" className="leaf" />
        <div className="board">
          <div className="facts">
            <div>
              <b>{t('gate.words')}</b>
              {!decides
                ? t('gate.wordsBetween')
                : away
                  ? t('gate.wordsAway', { ...whose, when: away.since })
                  : t('gate.wordsThere', whose)}
            </div>
            <div>
              <b>{name}</b>
              {answer
                ? t('gate.heard')
                : props.answerable
                  ? t('gate.hears', { by: promise.by ?? '' })
                  : t('gate.notAnswerable')}
            </div>
          </div>
          {props.problem ? (
            <p className="problem px-3 py-1" role="alert">
              {props.problem}
            </p>
          ) : null}
          <div className="doing flex-wrap">
            {decides && (away || decision === null) ? (
              <button
                type="button"
                className="sign"
                disabled={busy || decision === 'back'}
                onClick={() => void props.onDecide('back')}
              >
                {t(away ? 'gate.putBack' : 'gate.leave')}
              </button>
            ) : null}
            {decides && decision !== 'away' ? (
              <button
                type="button"
                className="sign"
                disabled={busy}
                onClick={() => void props.onDecide('away')}
              >
                {t(away ? 'gate.keepAway' : 'gate.takeAway')}
              </button>
            ) : null}
            {props.answerable && !answer ? (
              <button
                type="button"
                className={typed ? 'sign ready' : 'sign'}
                disabled={busy || !typed}
                onClick={() => void props.onAnswer()}
              >
                {t('gate.answer', { name })}
              </button>
            ) : null}
          </div>
        </div>
        <span className="sr-only" role="status">
          {busy ? shared('working') : ''}
        </span>
      </section>
    </footer>
  );
}
