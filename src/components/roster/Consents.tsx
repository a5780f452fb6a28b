'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { recordConsent } from '../../contract/consents/recordConsent';
import { withdrawConsent } from '../../contract/consents/withdrawConsent';
import {
  CONSENT_PURPOSES,
  CONSENT_RELATIONS,
  type ConsentPurpose,
  type ConsentRelation,
} from '../../core/privacy/consent';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import type { RosterStudent } from './rosterProps';

interface ConsentsProps {
  readonly classId: string;
  readonly person: RosterStudent;
  /** The present day, to begin with. */
  readonly today: string;
}

/** The consents of a student: written down, taken back, and what taking one back drew into the class again. */
export function Consents({ classId, person, today }: ConsentsProps) {
  const t = useTranslations('roster.consent');
  const router = useRouter();
  const [drawnBack, setDrawnBack] = useState<readonly { postId: string; title: string }[] | null>(null);
  const { busy, problem, wait } = useAsking();
  const withdraw = async (consentId: string) => {
    const input = { classId, personId: person.personId, consentId };
    const outcome = await wait(call(withdrawConsent, input));
    if (outcome.ok) setDrawnBack(outcome.value.drawnBack);
    router.refresh();
  };
  return (
    <section className="mt-8">
      <h3 className="section-head">{t('heading')}</h3>
      <p className="under mt-2">{t('whatFor')}</p>
      <ul>
        {person.consents.map((one) => (
          <li key={one.id} className="grid grid-cols-[1fr_auto] gap-3 border-b border-line py-2.5">
            <span>
              {t('record', { by: one.givenBy, relation: one.relation, on: one.givenOn })}
              <span className="calm block">
                {one.purposes.map((purpose) => t(`purposes.${purpose}`)).join(', ')};{' '}
                {one.until ? t('until', { day: one.until }) : t('noEnd')};{' '}
                {t(`state.${one.holds ? 'holds' : one.withdrawn ? 'withdrawn' : 'over'}`)}
              </span>
            </span>
            {one.withdrawn ? null : (
              <button
                type="button"
                className="act self-start"
                disabled={busy}
                aria-label={t('withdrawOf', { by: one.givenBy })}
                onClick={() => void withdraw(one.id)}
              >
                {t('withdraw')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {drawnBack ? (
        <div role="status" className="mt-3 border-l-4 border-porch bg-porch-tint p-4">
          <p>{t('drawnBack', { count: drawnBack.length })}</p>
          <ul>
            {drawnBack.map((post) => (
              <li key={post.postId}>{post.title}</li>
            ))}
          </ul>
        </div>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
      <NewConsent classId={classId} personId={person.personId} today={today} />
    </section>
  );
}

interface NewConsentProps {
  readonly classId: string;
  readonly personId: string;
  readonly today: string;
}

function NewConsent({ classId, personId, today }: NewConsentProps) {
  const t = useTranslations('roster.consent');
  const refusal = useRefusal();
  const router = useRouter();
  const [givenBy, setGivenBy] = useState('');
  const [relation, setRelation] = useState<ConsentRelation>('mother');
  const [purposes, setPurposes] = useState<readonly ConsentPurpose[]>(['firstName']);
  const [givenOn, setGivenOn] = useState(today);
  const [until, setUntil] = useState('');
  const [refused, setRefused] = useState({ field: '', problem: '' });
  const keep = async () => {
    const input = {
      classId,
      personIds: [personId],
      givenBy,
      relation,
      purposes,
      givenOn,
      until: until || null,
    };
    const outcome = await call(recordConsent, input);
    setRefused(
      outcome.ok ? { field: '', problem: '' } : { field: outcome.field ?? '', problem: refusal(outcome) },
    );
    if (outcome.ok) setGivenBy('');
    router.refresh();
  };
  const problemOf = (field: string) => (refused.field === field ? refused.problem : '');
  return (
    <details className="mt-4" open={refused.problem !== '' || undefined}>
      <summary className="font-semibold text-porch">{t('add')}</summary>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Field
          label={t('givenBy')}
          maxLength={200}
          value={givenBy}
          problem={problemOf('givenBy')}
          onText={setGivenBy}
        />
        <label className="grid gap-1">
          <span className="font-semibold">{t('relation')}</span>
          <select
            className="field"
            value={relation}
            onChange={(event) =>
              setRelation(CONSENT_RELATIONS.find((one) => one === event.target.value) ?? 'guardian')
            }
          >
            {CONSENT_RELATIONS.map((one) => (
              <option key={one} value={one}>
                {t(`relations.${one}`)}
              </option>
            ))}
          </select>
        </label>
        <fieldset>
          <legend className="font-semibold">{t('for')}</legend>
          <span className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
            {CONSENT_PURPOSES.map((purpose) => (
              <label key={purpose} className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={purposes.includes(purpose)}
                  onChange={(event) =>
                    setPurposes(
                      CONSENT_PURPOSES.filter((one) =>
                        one === purpose ? event.target.checked : purposes.includes(one),
                      ),
                    )
                  }
                />
                {t(`purposes.${purpose}`)}
              </label>
            ))}
          </span>
          <span role="alert" className="problem">
            {problemOf('purposes')}
          </span>
        </fieldset>
        <span className="grid grid-cols-2 gap-3">
          <Field
            label={t('givenOn')}
            type="date"
            required
            value={givenOn}
            problem={problemOf('givenOn')}
            onText={setGivenOn}
          />
          <Field
            label={t('untilDay')}
            type="date"
            value={until}
            problem={problemOf('until')}
            onText={setUntil}
          />
        </span>
        <button className="btn go justify-self-start">{t('keep')}</button>
      </form>
    </details>
  );
}
