'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { recordConsent } from '../../contract/consents/recordConsent';
import {
  CONSENT_PURPOSES,
  CONSENT_RELATIONS,
  type ConsentPurpose,
  type ConsentRelation,
} from '../../core/privacy/consent';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useRefusal } from '../basics/useRefusal';

interface NewConsentProps {
  readonly classId: string;
  readonly personIds: readonly string[];
  /** The present day, to begin with. */
  readonly today: string;
  readonly onDone?: () => void;
}

/** Writes down a consent, of one student or of several whose families gave the same. */
export function NewConsent({ classId, personIds, today, onDone }: NewConsentProps) {
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
      personIds,
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
    if (outcome.ok) onDone?.();
  };
  const problemOf = (field: string) => (refused.field === field ? refused.problem : '');
  return (
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
  );
}
