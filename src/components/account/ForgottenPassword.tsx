'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { forgetPassword } from '../../contract/doors/forgetPassword';
import { ask } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';
import { Frame } from './Frame';

/** Asks for a link to a new password. What is said afterwards is the same whether or not there is an account. */
export function ForgottenPassword() {
  const t = useTranslations('account.forgotten');
  const [email, setEmail] = useState('');
  const { busy, problem, wait } = useAsking();
  const [sent, setSent] = useState(false);
  const askForLink = async () => {
    setSent((await wait(ask(forgetPassword, { email }))).ok);
  };
  return (
    <Frame home="/sign-in">
      <h1 className="says">{t(sent ? 'isSent' : 'heading')}</h1>
      <p className="under mb-5 mt-1">{t(sent ? 'look' : 'under')}</p>
      {sent ? null : (
        <form
          className="grid gap-4"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            void askForLink();
          }}
        >
          <Field
            label={t('email')}
            type="email"
            autoComplete="username"
            value={email}
            problem={problem}
            onText={setEmail}
          />
          <button className="btn go justify-self-start" disabled={busy}>
            {t('send')}
          </button>
        </form>
      )}
    </Frame>
  );
}
