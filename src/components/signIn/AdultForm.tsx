'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useId, useState } from 'react';
import { signIn } from '../../contract/doors/signIn';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** E-mail and password. What was typed stays when it was wrong, the password apart. */
export function AdultForm() {
  const t = useTranslations('signIn');
  const id = useId();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const { busy, problem, wait } = useAsking();
  const [shared, setShared] = useState(false);
  return (
    <form
      className="grid gap-4"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        const asked = ask(signIn, { as: 'adult', email, password, ownDevice: !shared });
        if ((await wait(asked, { leaves: true })).ok) window.location.assign('/today');
        else setPassword('');
      }}
    >
      <h1 className="says">{t('welcomeBack')}</h1>
      <label className="grid gap-1" htmlFor={`${id}-email`}>
        <span className="font-semibold">{t('email')}</span>
        <input
          id={`${id}-email`}
          className="field"
          type="email"
          autoComplete="username"
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
      </label>
      <label className="grid gap-1" htmlFor={`${id}-password`}>
        <span className="font-semibold">{t('password')}</span>
        <input
          id={`${id}-password`}
          className="field"
          type="password"
          autoComplete="current-password"
          value={password}
          aria-invalid={problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => setPassword(event.target.value)}
        />
      </label>
      <p id={`${id}-problem`} className="problem" role="alert">
        {problem}
      </p>
      <label className="flex items-start gap-3">
        <input
          type="checkbox"
          className="mt-0.5"
          checked={shared}
          onChange={(event) => setShared(event.target.checked)}
        />
        <span>{t('sharedDevice')}</span>
      </label>
      <button className="btn go" disabled={busy}>
        {t('signIn')}
      </button>
      <Link className="act justify-self-start" href="/forgotten">
        {t('forgotten')}
      </Link>
    </form>
  );
}
