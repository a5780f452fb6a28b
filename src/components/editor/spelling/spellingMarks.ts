import { Extension, type Editor } from '@tiptap/core';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import type { Stretch } from '../../../workers/requirementsMessages';

const key = new PluginKey<DecorationSet>('spellingMarks');

/** Marks words that no dictionary knows, in a text that has not changed since they were found. */
export function markUnknown(editor: Editor, places: readonly Stretch[]): void {
  if (editor.isDestroyed) return;
  const { doc, tr } = editor.state;
  const marks = places
    .filter(({ to }) => to <= doc.content.size)
    .map(({ from, to }) => Decoration.inline(from, to, { class: 'unknown-word' }, { from, to }));
  editor.view.dispatch(tr.setMeta(key, DecorationSet.create(doc, marks)).setMeta('addToHistory', false));
}

/** The marked word that the cursor is in, or null. */
export function unknownAtCursor(editor: Editor): (Stretch & { readonly word: string }) | null {
  const { selection, doc } = editor.state;
  const found = key.getState(editor.state)?.find(selection.from, selection.to)[0];
  if (!found || !selection.empty) return null;
  return { from: found.from, to: found.to, word: doc.textBetween(found.from, found.to) };
}

/** Underlines words that no dictionary knows. While one is typed it has no mark yet. */
export const spellingMarks = Extension.create({
  name: 'spellingMarks',
  addProseMirrorPlugins: () => [
    new Plugin<DecorationSet>({
      key,
      state: {
        init: () => DecorationSet.empty,
        apply: (transaction, marks) =>
          (transaction.getMeta(key) as DecorationSet | undefined) ??
          marks.map(transaction.mapping, transaction.doc),
      },
      props: {
        decorations: (state) => key.getState(state) ?? DecorationSet.empty,
      },
    }),
  ],
});
