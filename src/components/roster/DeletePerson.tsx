'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { deletePerson } from '../../contract/people/deletePerson';
import { previewDeletion } from '../../contract/people/previewDeletion';
import type { PersonHoldings } from '../../core/privacy/holdings';
import { call } from '../basics/call';
import { useDeed } from '../basics/useDeed';
import { useRefusal } from '../basics/useRefusal';
import type { RosterStudent } from './rosterProps';

interface DeletePersonProps {
  readonly classId: string;
  readonly person: RosterStudent;
  readonly onDeleted: () => void;
}

/** Deleting a student: first what there is and what becomes of it, then the deed, which can be undone for a month. */
export function DeletePerson({ classId, person, onDeleted }: DeletePersonProps) {
  const t = useTranslations('roster.deleting');
  const refusal = useRefusal();
  const { act, busy, problem } = useDeed();
  const [holdings, setHoldings] = useState<PersonHoldings | null>(null);
  const [refused, setRefused] = useState('');
  const input = { classId, personId: person.personId };
  const ask = async () => {
    const outcome = await call(previewDeletion, input);
    setRefused(outcome.ok ? '' : refusal(outcome));
    setHoldings(outcome.ok ? outcome.value : null);
  };
  return (
    <section className="mt-8 border-t border-line pt-4">
      {holdings ? (
        <div className="grid gap-3">
          <p>{t('what', { name: person.name, ...holdings })}</p>
          <p className="text-ink-2">{t('month')}</p>
          <span className="flex flex-wrap gap-3">
            <button
              type="button"
              className="btn"
              disabled={busy}
              onClick={async () => {
                if (await act(deletePerson, input)) onDeleted();
              }}
            >
              {t('do', { name: person.name })}
            </button>
            <button type="button" className="btn" data-leave="" onClick={() => setHoldings(null)}>
              {t('leave')}
            </button>
          </span>
        </div>
      ) : (
        <button type="button" className="act" onClick={() => void ask()}>
          {t('heading')}
        </button>
      )}
      <p role="alert" className="problem mt-2">
        {refused || problem}
      </p>
    </section>
  );
}
