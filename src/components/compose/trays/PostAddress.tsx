'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { changePostAddress } from '../../../contract/posts/changePostAddress';
import { addressFrom } from '../../../core/posts/address';
import { call } from '../../basics/call';
import { Field } from '../../basics/Field';
import { useAsking } from '../../basics/useAsking';

interface PostAddressProps {
  readonly postId: string;
  /** Of the class blog, such as `/blog/wind`. */
  readonly blog: string;
  /** Null before the first hand-in: then it is made from the title. */
  readonly address: string | null;
  /** Another one that waits for a teacher; null where none does. */
  readonly asked: string | null;
  readonly title: string;
}

/** Where the post stands on the class blog, and another address for it; the old one leads on. */
export function PostAddress({ postId, blog, address: first, asked: firstAsked, title }: PostAddressProps) {
  const t = useTranslations('editor.postAddress');
  const [address, setAddress] = useState(first);
  const [asked, setAsked] = useState(firstAsked);
  const [typed, setTyped] = useState<string | null>(null);
  const { busy, problem, wait } = useAsking();
  const shown = address ?? addressFrom(title);
  if (typed === null)
    return (
      <p className="text-[14px] text-ink-2">
        {t(address === null ? 'willBe' : 'is')}{' '}
        <b className="[overflow-wrap:anywhere]">{`${blog}/${shown}`}</b>{' '}
        {asked === null ? null : <span>{t('waits', { address: `${blog}/${asked}` })} </span>}
        <button type="button" className="act" onClick={() => setTyped(shown)}>
          {t('change')}
        </button>
      </p>
    );
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void wait(call(changePostAddress, { postId, address: typed })).then((outcome) => {
          if (!outcome.ok) return undefined;
          setAddress(outcome.value.address);
          setAsked(outcome.value.asked);
          return setTyped(null);
        });
      }}
    >
      <Field label={t('label')} value={typed} maxLength={80} problem={problem} onText={setTyped} />
      <p className="text-[14px] text-ink-2">{t('becomes', { address: `${blog}/${addressFrom(typed)}` })}</p>
      <span className="flex gap-4">
        <button className="btn" disabled={busy}>
          {t('keep')}
        </button>
        <button type="button" className="act" onClick={() => setTyped(null)}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
