'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { givePeerReading } from '../../contract/peerReading/givePeerReading';
import type { PeerTextShown } from '../../contract/peerReading/peerShown';
import { LONGEST_WORDS } from '../../core/peerReading/rule';
import type { Slat } from '../../core/requirements/slats';
import { useDeed } from '../basics/useDeed';
import { Bay } from '../railing/Bay';
import { Gate } from '../railing/Gate';
import { Tray } from '../railing/Tray';
import { useTrays } from '../railing/useTrays';
import type { PeerWordsAtWork } from './usePeerWords';

const PICKETS = 6;
/** So many words are an answer; fewer are one that was begun. */
const ENOUGH = 5;

interface PeerRailingProps {
  readonly text: PeerTextShown;
  readonly work: PeerWordsAtWork;
  readonly notes: number;
  readonly questions: readonly string[];
  /** Begins to look for the passage that an answer points at. */
  readonly onPoint: (name: string) => void;
}

/** What the teacher asks of every reader, a bay for each; in the gate all goes to the writer. */
export function PeerRailing({ text, work, notes, questions, onPoint }: PeerRailingProps) {
  const t = useTranslations('peer.railing');
  const trays = useTrays<string>();
  const { act, busy, problem } = useDeed();
  const [unkept, setUnkept] = useState(false);
  const wordsIn = (name: string) => countWords(work.said.get(name)?.words ?? '');
  const answered = questions.filter((_, at) => wordsIn(String(at)) > 0).length;
  const left = questions.length - answered;
  const open = trays.raised === null ? undefined : questions[Number(trays.raised.id)];
  return (
    <footer className="railing tall with-gate of-peer" aria-label={t('label', { count: questions.length })}>
      <div className="bays">
        {questions.map((question, at) => {
          const count = wordsIn(String(at));
          return (
            <Bay key={question} name={question} slats={slatsFor(count)} {...trays.bay(String(at))}>
              {count === 0 ? <em>{t('notYet')}</em> : t(count < ENOUGH ? 'begun' : 'answered', { count })}
            </Bay>
          );
        })}
      </div>
      <Gate
        label={t('gate')}
        stands={t('done', { notes, answered })}
        problem={problem || (unkept ? t('unkept') : '')}
        line={text.given ? t('given', { called: text.called }) : t('left', { left })}
      >
        <button
          type="button"
          className={text.given || left > 0 ? 'sign not-yet' : 'sign ready'}
          disabled={busy || text.given || answered + notes === 0}
          onClick={async () => {
            // The last typed word goes along.
            const kept = await work.flush();
            setUnkept(!kept);
            if (kept) await act(givePeerReading, { readingId: text.readingId });
          }}
        >
          {t(text.given ? 'isGiven' : 'give', { called: text.called })}
        </button>
      </Gate>
      {open === undefined || !trays.raised ? null : (
        <Tray {...trays.tray} title={open} width={660}>
          <Answer
            name={trays.raised.id}
            question={open}
            work={work}
            onPoint={onPoint}
            onLower={trays.lower}
          />
        </Tray>
      )}
    </footer>
  );
}

interface AnswerProps extends Pick<PeerRailingProps, 'work' | 'onPoint'> {
  readonly name: string;
  readonly question: string;
  readonly onLower: () => void;
}

function Answer({ name, question, work, onPoint, onLower }: AnswerProps) {
  const t = useTranslations('peer.railing');
  const { words = '', anchor = null, takenBack = false } = work.said.get(name) ?? {};
  return (
    <div className="answer-tray">
      <div>
        <textarea
          aria-label={question}
          dir="auto"
          rows={4}
          className="field"
          maxLength={LONGEST_WORDS}
          value={words}
          readOnly={takenBack}
          onChange={({ target }) => work.change(name, { words: target.value })}
        />
        <p className="under">{takenBack ? t('takenBack') : t('enough')}</p>
      </div>
      <div className="points">
        {anchor ? (
          <>
            <b>{t('pointsAt')}</b>
            <q dir="auto">{anchor.quote}</q>
          </>
        ) : null}
        <button
          type="button"
          className="act"
          onClick={() => {
            onPoint(name);
            onLower();
          }}
        >
          {t(anchor ? 'elsewhere' : 'point')}
        </button>
      </div>
    </div>
  );
}

function slatsFor(count: number): readonly Slat[] {
  const slat: Slat = count === 0 ? 'gap' : count < ENOUGH ? 'partly' : 'met';
  return Array.from({ length: PICKETS }, () => slat);
}

function countWords(text: string): number {
  return text.trim() === '' ? 0 : text.trim().split(/\s+/).length;
}
