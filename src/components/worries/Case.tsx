'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useCallback } from 'react';
import { answerTeller } from '../../contract/worries/answerTeller';
import { decideWords } from '../../contract/worries/decideWords';
import { keepAnswer } from '../../contract/worries/keepAnswer';
import { LONGEST_ANSWER } from '../../core/safety/case';
import { call } from '../basics/call';
import { useAutosave } from '../basics/useAutosave';
import { useDeed } from '../basics/useDeed';
import { CaseLog } from './CaseLog';
import { CaseRailing } from './CaseRailing';
import { HowFar } from './HowFar';
import type { CaseProps } from './caseProps';

/** A worry that was told: the words as they stood, who could read them, what was decided and answered. */
export function Case(props: CaseProps) {
  const { id, teller, kept, promise, away, answer, couldRead } = props;
  const t = useTranslations('worries.case');
  const shared = useTranslations('worries');
  const { act, busy, problem, field } = useDeed();
  const name = shared('who', { teller: teller.kind, name: teller.name });
  const whose = { about: props.about, name, classTitle: props.classTitle };
  const save = useCallback(
    async ({ typed }: { readonly typed: string }, version: number) => {
      const outcome = await call(keepAnswer, { caseId: id, typed });
      return outcome.ok ? { ok: true as const, value: { version: version + 1 } } : outcome;
    },
    [id],
  );
  const { draft, change, flush } = useAutosave(id, { typed: props.answerTyped }, 1, save);
  return (
    <div className="case-page">
      <main id="main" className="case">
        <h1 className="says">
          {t('heading', { settled: props.settled ? 'yes' : 'no', when: props.toldAt })}
        </h1>
        <p className="under">
          {t('line', {
            teller: teller.kind,
            name: teller.name,
            kind: props.kind,
            title: props.title,
            about: props.about,
          })}{' '}
          {promise.by === null || answer ? null : (
            <span className={promise.late ? 'wanting' : ''}>{t('promised', { name, when: promise.by })}</span>
          )}{' '}
          {props.nobodyNamed ? shared('nobodyNamed') : null}
        </p>
        <div className="case-parts">
          <section className="teller">
            <div className="by">
              {teller.name ? (
                <span className="mono" aria-hidden="true">
                  {teller.monogram}
                </span>
              ) : null}
              <p>
                <b>{name}</b>
                {t('from', { teller: teller.kind, classTitle: props.classTitle, when: props.toldAt })}
              </p>
            </div>
            <blockquote className="said" dir="auto">
              {props.words}
            </blockquote>
            <h2>{t('toldWhat', { name })}</h2>
            <Promised {...props} />
            <h2>{t('knows', { name: props.about })}</h2>
            <p className="calm">{t(away ? 'knowsAway' : 'knowsNothing', { name: props.about })}</p>
          </section>
          <div>
            <article className="kept-words" aria-label={t('asItStood', { when: props.toldAt })}>
              <header>
                <b>{t('asItStood', { when: props.toldAt })}</b>
                <span>{t('keptCopy')}</span>
              </header>
              {kept.html === null ? (
                <p className="either-way whitespace-pre-wrap font-read text-[19px]">{kept.text}</p>
              ) : (
                <>
                  <h2 className="kept-title" dir="auto">
                    {props.title}
                  </h2>
                  <div className="prose" dangerouslySetInnerHTML={{ __html: kept.html }} />
                </>
              )}
              <footer>
                <span>{shared('about', { kind: props.kind, title: props.title, about: props.about })}</span>
                {props.where ? (
                  <Link className="act" href={props.where} prefetch={false}>
                    {t('where')}
                  </Link>
                ) : null}
              </footer>
            </article>
            <div className="then-now">
              <section>
                <h2>
                  <HowFar to={couldRead.audience} />
                  {t('couldRead')}
                </h2>
                <p>
                  {t('could', {
                    ...whose,
                    audience: couldRead.audience,
                    students: couldRead.students,
                    teachers: couldRead.teachers,
                    editors: couldRead.editors ? 'yes' : 'no',
                    peers: couldRead.peers,
                  })}
                </p>
              </section>
              <section>
                <h2>
                  <HowFar to={away || !props.decides ? 'writerAndTeachers' : couldRead.audience} />
                  {t('classSees', whose)}
                </h2>
                <p>
                  {!props.decides
                    ? t('sees.between', whose)
                    : away
                      ? t('sees.away', { ...whose, when: away.since })
                      : t('sees.there')}
                </p>
              </section>
            </div>
          </div>
          <section>
            {answer ? (
              <>
                <h2 className="plum">{t('answerTo', { name })}</h2>
                <div className="note loose mt-2">
                  <b>{t('answered', { by: answer.by, when: answer.when })}</b>
                  <p className="either-way">{answer.text}</p>
                </div>
              </>
            ) : props.answerable ? (
              <label className="grid gap-1.5">
                <span className="plum font-semibold">{t('answerTo', { name })}</span>
                <textarea
                  className="field answer-field"
                  dir="auto"
                  rows={4}
                  maxLength={LONGEST_ANSWER}
                  value={draft.typed}
                  aria-invalid={field === 'answer'}
                  onChange={(event) => change({ typed: event.target.value })}
                />
                <span className="calm">{t('onlyReads', { name })}</span>
                <span className="calm">{t('gate.answerTyped')}</span>
              </label>
            ) : (
              <p className="calm">{t('nobodyToAnswer')}</p>
            )}
            <CaseLog {...props} />
          </section>
        </div>
      </main>
      <CaseRailing
        {...props}
        name={name}
        typed={draft.typed.trim() !== ''}
        busy={busy}
        problem={problem}
        onDecide={async (decision) => {
          await flush();
          await act(decideWords, { caseId: id, decision });
        }}
        onAnswer={async () => {
          await flush();
          await act(answerTeller, { caseId: id, answer: draft.typed });
        }}
      />
    </div>
  );
}

/** What who told it was told in turn, word for word. */
function Promised({ promise }: CaseProps) {
  const t = useTranslations('worry');
  const { reader, by, help } = promise;
  return (
    <p className="calm">
      {by === null
        ? reader === null
          ? t('teachersRead')
          : t('reads', { reader })
        : reader === null
          ? t('teachersReadBy', { by })
          : t('readsBy', { reader, by })}{' '}
      {help}
    </p>
  );
}
