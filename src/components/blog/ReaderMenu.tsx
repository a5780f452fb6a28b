import { PlainForm } from './PlainForm';
import type { SayOf } from './readersWords';

/** Who was invited to read: by name, and with a way out, since they have no desk with a menu. */
export function ReaderMenu({ t, name }: { readonly t: SayOf<'blog'>; readonly name: string }) {
  return (
    <div className="sign-in">
      <a className="btn" href="/account" title={t('account')}>
        <bdi>{name}</bdi>
      </a>
      <PlainForm does="signOut">
        <button className="btn">{t('signOut')}</button>
      </PlainForm>
    </div>
  );
}
