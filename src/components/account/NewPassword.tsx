'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import { renewPassword } from '../../contract/doors/renewPassword';
import { ask, type Outcome } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import { Frame } from './Frame';

interface NewPasswordProps {
  readonly token: string;
  /** What is wrong with the link, known before anything is typed; null where it still works. */
  readonly closed: (Outcome<never> & { readonly ok: false }) | null;
}

/** Chooses a new password by a link that was sent. */
export function NewPassword({ token, closed }: NewPasswordProps) {
  const refusal = useRefusal();
  const t = useTranslations('account.newPassword');
  const [password, setPassword] = useState('');
  const { busy, problem, wait } = useAsking();
  const [done, setDone] = useState(false);
  const choose = async () => {
    setDone((await wait(ask(renewPassword, { token, password }))).ok);
  };
  if (closed && !done)
    return (
      <Frame home="/sign-in">
        <h1 className="says">{t('closed')}</h1>
        <p className="under mb-5 mt-1">{refusal(closed)}</p>
        <Link className="btn go" href="/forgotten">
          {t('another')}
        </Link>
      </Frame>
    );
  return (
    <Frame home="/sign-in">
      <h1 className="says">{t(done ? 'done' : 'heading')}</h1>
      <p className="under mb-5 mt-1">{t(done ? 'signedOut' : 'under')}</p>
      {done ? (
        <Link className="btn go" href="/sign-in">
          {t('signIn')}
        </Link>
      ) : (
        <form
          className="grid gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void choose();
          }}
        >
          <Field
            label={t('password')}
            hint={t('hint')}
            type="password"
            autoComplete="new-password"
            maxLength={200}
            value={password}
            problem={problem}
            onText={setPassword}
          />
          <button className="btn go justify-self-start" disabled={busy}>
            {t('choose')}
          </button>
        </form>
      )}
    </Frame>
  );
}
