import type { Editor } from '@tiptap/core';

/** What is written beside a picture or a quotation, a line each. */
const FIELDS: ReadonlySet<string> = new Set(['caption', 'credit', 'quoteSource']);

/**
 * From such a line on to the next one beside the same thing, or else out of it into a paragraph of its own. False where the
 * cursor is in none.
 */
export function leaveField(editor: Editor): boolean {
  const { doc, selection } = editor.state;
  const { $from } = selection;
  if (!FIELDS.has($from.parent.type.name)) return false;
  const next = $from.node(-1).maybeChild($from.indexAfter(-1));
  if (next) return editor.commands.setTextSelection($from.after() + 1 + next.content.size);
  const after = $from.after(1);
  const following = doc.nodeAt(after);
  const leave = editor.chain();
  if (following?.type.name !== 'paragraph' || following.content.size > 0)
    leave.insertContentAt(after, { type: 'paragraph' });
  return leave
    .setTextSelection(after + 1)
    .scrollIntoView()
    .run();
}
