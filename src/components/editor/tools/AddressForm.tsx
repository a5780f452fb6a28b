'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { maybeTypedAddress } from '../../../core/document/links';
import { OpenLine } from '../addresses/OpenLine';
import { useOpensAsTyped } from '../addresses/useOpensAsTyped';
import { putAfterBlock } from '../putIn';
import { Field } from '../../basics/Field';

/** What is put into a post by its address. */
export type Addressed = 'video' | 'sharedDocument';

interface AddressFormProps {
  readonly editor: Editor;
  readonly kind: Addressed;
  readonly onDone: () => void;
}

/** Puts a video or a shared document into the post by its address, after the block that the cursor is in. */
export function AddressForm({ editor, kind, onDone }: AddressFormProps) {
  const t = useTranslations('editor.address');
  const [address, setAddress] = useState('');
  const [title, setTitle] = useState('');
  const [problem, setProblem] = useState('');
  const opens = useOpensAsTyped(address);
  const put = () => {
    const complete = maybeTypedAddress(address);
    if (!complete) return setProblem(t('noAddress'));
    const block = { type: kind, attrs: { address: complete, title: title.trim() } };
    putAfterBlock(editor, [block, { type: 'paragraph' }], 2);
    return onDone();
  };
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        put();
      }}
    >
      <h2 className="font-bold">{t(`${kind}.title`)}</h2>
      <Field
        label={t('address')}
        inputMode="url"
        placeholder="https://"
        value={address}
        problem={problem}
        onText={setAddress}
      />
      {opens.shown ? (
        <p role="status">
          <OpenLine result={opens.result} />
        </p>
      ) : null}
      <Field label={t(`${kind}.name`)} value={title} maxLength={200} onText={setTitle} />
      <p className="text-[13.5px] text-ink-2">{t(`${kind}.how`)}</p>
      <span className="flex gap-3">
        <button className="btn go">{t('put')}</button>
        <button type="button" className="btn" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
