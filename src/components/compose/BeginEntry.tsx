'use client';

import type { Editor } from '@tiptap/react';
import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { asksFor } from '../../core/requirements/requirement';
import type { ComposeProps } from './composeProps';
import { entryToBegin } from './entryToBegin';

interface BeginEntryProps {
  readonly editor: Editor;
  readonly assignment: ComposeProps['assignment'];
  /** A sign with the number alone, in a bay; or in words, under the text. */
  readonly small?: boolean;
  readonly onBegun?: () => void;
}

/** One press that begins the next entry; nothing where no entries are asked for. */
export function BeginEntry({ editor, assignment, small = false, onBegun }: BeginEntryProps) {
  const t = useTranslations('requirements.entries.tray');
  if (!asksFor(assignment.requirements, 'entries')) return null;
  const { number, begin } = entryToBegin(editor, assignment);
  const words = t('begin', { number });
  return (
    <button
      type="button"
      className={small ? 'begin-entry' : 'btn inline-flex items-center gap-2'}
      {...(small ? { 'aria-label': words, title: words } : {})}
      onClick={() => {
        begin();
        onBegun?.();
      }}
    >
      <Plus aria-hidden="true" size={small ? 15 : 18} />
      {small ? number : words}
    </button>
  );
}
