'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { changePassword } from '../../contract/doors/changePassword';
import { ask } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

/** Changes one's own password; the present one is asked for. */
export function ChangePassword() {
  const t = useTranslations('account.change');
  const router = useRouter();
  const { busy, problem, field, wait } = useAsking();
  const [present, setPresent] = useState('');
  const [password, setPassword] = useState('');
  const [changed, setChanged] = useState(false);
  const change = async () => {
    const { ok } = await wait(ask(changePassword, { present, password }));
    setChanged(ok);
    if (!ok) return;
    setPresent('');
    setPassword('');
    router.refresh();
  };
  return (
    <form
      className="mt-8 grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void change();
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <Field
        label={t('present')}
        type="password"
        autoComplete="current-password"
        maxLength={200}
        required
        value={present}
        problem={field === 'present' ? problem : ''}
        onText={setPresent}
      />
      <Field
        label={t('password')}
        hint={t('hint')}
        type="password"
        autoComplete="new-password"
        maxLength={200}
        required
        value={password}
        problem={field === 'present' ? '' : problem}
        onText={setPassword}
      />
      <button className="btn go justify-self-start" disabled={busy}>
        {t('change')}
      </button>
      <p role="status">{changed ? t('changed') : ''}</p>
    </form>
  );
}
