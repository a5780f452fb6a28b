'use client';

import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { showPassphrase } from '../../contract/doors/showPassphrase';
import { ask } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

/** Takes the passphrase of a class blog or post. It is sent in a request's body, never put into an address. */
export function AskPassphrase() {
  const t = useTranslations('blog.passphrase');
  const [, , blog = '', post = ''] = usePathname().split('/');
  const [passphrase, setPassphrase] = useState('');
  const { busy, problem, wait } = useAsking();
  const show = async () => {
    const input = {
      blog: decodeURIComponent(blog),
      passphrase,
      ...(post ? { post: decodeURIComponent(post) } : {}),
    };
    const outcome = await wait(ask(showPassphrase, input), { leaves: true });
    if (outcome.ok) window.location.reload();
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
