'use client';

import { useTranslations } from 'next-intl';
import { useOwnSession } from '../basics/useOwnSession';

/** Who was invited to read: by name, and with a way out, since they have no desk with a menu. */
export function ReaderMenu({ name }: { readonly name: string }) {
  const t = useTranslations('blog');
  const { signOut, problem } = useOwnSession();
  return (
    <p className="sign-in">
      <a className="btn" href="/account" title={t('account')}>
        <bdi>{name}</bdi>
      </a>
      <button type="button" className="btn" onClick={() => void signOut()}>
        {t('signOut')}
      </button>
      {problem ? <span className="problem">{problem}</span> : null}
    </p>
  );
}
