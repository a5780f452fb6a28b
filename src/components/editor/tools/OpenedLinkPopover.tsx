'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { Popover } from 'radix-ui';
import { useId, useState, type SyntheticEvent } from 'react';
import { OpenLine } from '../addresses/OpenLine';
import { useOpensAsTyped } from '../addresses/useOpensAsTyped';
import { LinkButton, type LinkPopoverProps } from './LinkButton';
import { maybeTypedAddress } from '../../../core/document/links';

/** The same, open from the first: it is drawn because somebody pressed. */
export function OpenedLinkPopover({ editor, on }: LinkPopoverProps) {
  const t = useTranslations('editor.link');
  const [open, setOpen] = useState(true);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <LinkButton on={on} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content className="menu w-[340px] !p-4" sideOffset={4} aria-label={t('title')}>
          <LinkForm editor={editor} on={on} onDone={() => setOpen(false)} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function LinkForm({
  editor,
  on,
  onDone,
}: {
  readonly editor: Editor;
  readonly on: boolean;
  readonly onDone: () => void;
}) {
  const t = useTranslations('editor.link');
  const id = useId();
  const [address, setAddress] = useState(String(editor.getAttributes('link')['href'] ?? ''));
  const [words, setWords] = useState('');
  const [problem, setProblem] = useState('');
  const opens = useOpensAsTyped(address);
  const needsWords = editor.state.selection.empty && !on;
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    const complete = maybeTypedAddress(address);
    if (!complete) return setProblem(t('noAddress'));
    if (needsWords && !words.trim()) return setProblem(t('noWords'));
    const mark = { type: 'link', attrs: { href: complete } };
    if (needsWords)
      editor
        .chain()
        .focus()
        .insertContent([{ type: 'text', text: words.trim(), marks: [mark] }])
        .run();
    else editor.chain().focus().extendMarkRange('link').setMark('link', { href: complete }).run();
    return onDone();
  };
  return (
    <form className="grid gap-3" onSubmit={submit} noValidate>
      {needsWords ? (
        <label className="grid gap-1" htmlFor={`${id}-words`}>
          <span>{t('words')}</span>
          <input
            id={`${id}-words`}
            className="field"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
      ) : null}
      <label className="grid gap-1" htmlFor={`${id}-address`}>
        <span>{t('address')}</span>
        <input
          id={`${id}-address`}
          className="field"
          inputMode="url"
          placeholder="https://"
          value={address}
          aria-invalid={problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => setAddress(event.target.value)}
        />
      </label>
      {opens.shown ? (
        <p role="status">
          <OpenLine result={opens.result} />
        </p>
      ) : null}
      <p id={`${id}-problem`} className="problem" role="alert">
        {problem}
      </p>
      <span className="flex gap-3">
        <button className="btn go">{t('put')}</button>
        {on ? (
          <button
            type="button"
            className="btn"
            onClick={() => {
              editor.chain().focus().extendMarkRange('link').unsetMark('link').run();
              onDone();
            }}
          >
            {t('takeOff')}
          </button>
        ) : null}
      </span>
    </form>
  );
}
