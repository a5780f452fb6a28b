'use client';

import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { showPassphrase } from '../../contract/doors/showPassphrase';
import { ask } from '../basics/call';
import { Field } from '../basics/Field';
import { useRefusal } from '../basics/useRefusal';

/** Takes the passphrase of a class blog or post. It is sent in a request's body, never put into an address. */
export function AskPassphrase() {
  const t = useTranslations('blog.passphrase');
  const refusal = useRefusal();
  const [, , blog = '', post = ''] = usePathname().split('/');
  const [passphrase, setPassphrase] = useState('');
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const show = async () => {
    setBusy(true);
    const input = {
      blog: decodeURIComponent(blog),
      passphrase,
      ...(post ? { post: decodeURIComponent(post) } : {}),
    };
    const outcome = await ask(showPassphrase, input);
    if (outcome.ok) return window.location.reload();
    setBusy(false);
    return setProblem(refusal(outcome));
  };
  return (
    <form
      className="grid max-w-[420px] gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (passphrase.trim()) void show();
      }}
    >
      <Field
        label={t('label')}
        hint={t('hint')}
        value={passphrase}
        maxLength={200}
        autoComplete="off"
        spellCheck={false}
        problem={problem}
        onText={setPassphrase}
      />
      <button className="btn go justify-self-start" disabled={busy || passphrase.trim() === ''}>
        {t('show')}
      </button>
    </form>
  );
}
