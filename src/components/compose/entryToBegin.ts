import type { Editor } from '@tiptap/react';
import { formattedDate } from '../../core/requirements/datePattern';
import { nextEntry } from '../../core/requirements/numberedEntries';
import { localDate } from '../../core/timing/zonedTime';
import { putHeading } from '../editor/putIn';
import type { ComposeProps } from './composeProps';

/** The next entry of a growing post, and what begins it: its number and today's date as a heading, with a line to write on. */
export function entryToBegin(
  editor: Editor,
  { language, timeZone }: ComposeProps['assignment'],
): { readonly number: number; readonly begin: () => void } {
  const { number } = nextEntry(editor.state.doc, language);
  const begin = () => {
    // What was typed since it was offered counts too.
    const next = nextEntry(editor.state.doc, language);
    const today = formattedDate(localDate(Date.now(), timeZone), language);
    putHeading(editor, `${next.number}. ${today}`, next);
  };
  return { number, begin };
}
