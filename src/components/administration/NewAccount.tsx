'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { makeAccount } from '../../contract/administration/makeAccount';
import type { AccountRole } from '../../core/access/may';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';

const NOBODY = { givenName: '', familyName: '', email: '' };
const FIELDS = ['givenName', 'familyName', 'email'] as const;

/** An account for a grown-up of the school; a mail brings them a link to choose a password. */
export function NewAccount() {
  const t = useTranslations('install.new');
  const { act, busy, problem, field } = useDeed();
  const [typed, setTyped] = useState(NOBODY);
  const [account, setAccount] = useState<AccountRole>('teacher');
  const [sent, setSent] = useState('');
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        if (!(await act(makeAccount, { ...typed, account }))) return;
        setSent(typed.email);
        setTyped(NOBODY);
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      {FIELDS.map((name) => (
        <Field
          key={name}
          label={t(name)}
          type={name === 'email' ? 'email' : 'text'}
          autoComplete="off"
          maxLength={name === 'email' ? 254 : 120}
          value={typed[name]}
          problem={field === name ? problem : ''}
          onText={(text) => setTyped({ ...typed, [name]: text })}
        />
      ))}
      <label className="flex items-center gap-3">
        <input
          type="checkbox"
          checked={account === 'administrator'}
          onChange={(event) => setAccount(event.target.checked ? 'administrator' : 'teacher')}
        />
        {t('administrator')}
      </label>
      <p role="status" className="text-ink-2">
        {sent ? t('sent', { email: sent }) : ''}
      </p>
      <button className="btn go justify-self-start" disabled={busy}>
        {t('make')}
      </button>
    </form>
  );
}
