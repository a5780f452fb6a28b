'use client';

import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { setPassphrase } from '../../contract/passphrases/setPassphrase';
import { setPostPassphrase } from '../../contract/passphrases/setPostPassphrase';
import { proposePassphrase } from '../../core/privacy/passphrase';
import { Field } from './Field';
import { useDeed } from './useDeed';

interface PassphraseFormProps {
  /** What it opens: all that a class shows to its families, or one post. */
  readonly opens: { readonly classId: string } | { readonly postId: string };
  /** Since when there is one, in words. */
  readonly since: string | null;
  /** What it is for, above the line to type it in. */
  readonly children: ReactNode;
}

function random(below: number): number {
  const [number = 0] = crypto.getRandomValues(new Uint32Array(1));
  return number % below;
}

/** A passphrase that families get: a good one is proposed, it can be read this once, and only its hash is kept. */
export function PassphraseForm({ opens, since, children }: PassphraseFormProps) {
  const t = useTranslations('passphrase');
  const { act, busy, problem } = useDeed();
  const [typed, setTyped] = useState('');
  const [set, setSet] = useState<string | null>(null);
  const give = async (passphrase: string) => {
    const given =
      'postId' in opens
        ? await act(setPostPassphrase, { ...opens, passphrase })
        : await act(setPassphrase, { ...opens, passphrase });
    if (!given) return;
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
      {children}
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
