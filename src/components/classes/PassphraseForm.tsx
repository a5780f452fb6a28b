'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { proposePassphrase } from '../../core/privacy/passphrase';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';

interface PassphraseFormProps {
  readonly classId: string;
  /** Since when there is one, in words. */
  readonly since: string | null;
  /** Whether the class lets anybody in with one. */
  readonly isUsed: boolean;
}

function random(below: number): number {
  const [number = 0] = crypto.getRandomValues(new Uint32Array(1));
  return number % below;
}

/** The passphrase that families get: a good one is proposed, it can be read this once, and only its hash is kept. */
export function PassphraseForm({ classId, since, isUsed }: PassphraseFormProps) {
  const t = useTranslations('privacy.passphrase');
  const { act, busy, problem } = useDeed();
  const [typed, setTyped] = useState('');
  const [set, setSet] = useState<string | null>(null);
  const give = async (passphrase: string) => {
    if (!(await act('setPassphrase', { classId, passphrase }))) return;
    setSet(passphrase || null);
    setTyped('');
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void give(typed.trim());
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{since ? t('since', { since }) : t('none')}</p>
      {isUsed ? null : <p className="under">{t('notUsed')}</p>}
      {set ? (
        <p role="status" className="border-l-4 border-porch bg-porch-tint p-4">
          {t('isSet')} <b className="block font-read text-[20px]">{set}</b> {t('onlyNow')}
        </p>
      ) : null}
      <Field
        label={t('label')}
        hint={t('hint')}
        value={typed}
        maxLength={200}
        spellCheck={false}
        autoComplete="off"
        problem={problem}
        onText={setTyped}
      />
      <span className="flex flex-wrap items-center gap-4">
        <button className="btn go" disabled={busy || typed.trim() === ''}>
          {t(since ? 'change' : 'give')}
        </button>
        <button type="button" className="btn" onClick={() => setTyped(proposePassphrase(random))}>
          {t('propose')}
        </button>
        {since ? (
          <button type="button" className="act" disabled={busy} onClick={() => void give('')}>
            {t('takeAway')}
          </button>
        ) : null}
      </span>
    </form>
  );
}
