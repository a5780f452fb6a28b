'use client';

import type { Editor } from '@tiptap/react';
import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { Node } from 'prosemirror-model';
import { formattedDate } from '../../core/requirements/datePattern';
import { nextEntry } from '../../core/requirements/numberedEntries';
import { localDate } from '../../core/timing/zonedTime';
import { putHeading } from '../editor/putIn';
import type { ComposeProps } from './composeProps';

interface BeginEntryProps {
  readonly editor: Editor;
  /** As the editor holds it now: what it says changes with it. */
  readonly doc: Node;
  readonly assignment: ComposeProps['assignment'];
  /** A sign with the number alone, in a bay; or in words, under the text. */
  readonly small?: boolean;
  readonly onBegun?: () => void;
}

/** One press that begins the next entry. */
export function BeginEntry({ editor, doc, assignment, small = false, onBegun }: BeginEntryProps) {
  const t = useTranslations('requirements.entries.tray');
  const { number } = nextEntry(doc, assignment.language);
  const words = t('begin', { number });
  return (
    <button
      type="button"
      className={small ? 'begin-entry' : 'btn inline-flex items-center gap-2'}
      {...(small ? { 'aria-label': words, title: words } : {})}
      onClick={() => {
        beginEntry(editor, assignment);
        onBegun?.();
      }}
    >
      <Plus aria-hidden="true" size={small ? 15 : 18} />
      {small ? number : words}
    </button>
  );
}

/** Begins the next entry of a growing post: its number and today's date as a heading, with a line to write on. */
function beginEntry(editor: Editor, { language, timeZone }: ComposeProps['assignment']): void {
  const next = nextEntry(editor.state.doc, language);
  const today = formattedDate(localDate(Date.now(), timeZone), language);
  putHeading(editor, `${next.number}. ${today}`, next);
}
