import type { Editor } from '@tiptap/core';
import { Plugin, PluginKey, type EditorState } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import type { Node } from 'prosemirror-model';
import { plainText } from '../../core/document/plainText';
import { anchorFinder, type Anchor } from '../../core/notes/anchor';
import type { Passage } from '../../core/notes/passage';
import { positionsOf } from '../../core/notes/positionsOf';

/** A note that belongs to a passage. */
export interface NotePinned {
  readonly id: string;
  readonly anchor: Anchor;
}

const KEY = new PluginKey<DecorationSet>('notedPassages');

/** Marks the passages of notes in a text that is being written; they go along with what is written around and within them. */
export function notedPassages(pins: readonly NotePinned[]): Plugin<DecorationSet> {
  return new Plugin<DecorationSet>({
    key: KEY,
    state: {
      init: (_, { doc }) => DecorationSet.create(doc, marksOf(doc, pins)),
      apply(transaction, known) {
        if (!transaction.docChanged) return known;
        const there = known.map(transaction.mapping, transaction.doc);
        const gone = idsIn(known).filter((id) => !idsIn(there).includes(id));
        if (gone.length === 0) return there;
        // Where another version took the place of this one, their passages stand in that too.
        const again = pins.filter(({ id }) => gone.includes(id));
        return there.add(transaction.doc, marksOf(transaction.doc, again));
      },
    },
    props: { decorations: (state) => KEY.getState(state) ?? null },
  });
}

function marksOf(doc: Node, pins: readonly NotePinned[]): Decoration[] {
  const find = anchorFinder(plainText(doc));
  return pins.flatMap(({ id, anchor }) => {
    const passage = find(anchor);
    const place = passage && positionsOf(doc, passage);
    return place
      ? [Decoration.inline(place.from, place.to, { class: 'noted', 'data-note': id }, { id })]
      : [];
  });
}

function idsIn(marks: DecorationSet): readonly string[] {
  return marks.find().map(({ spec }) => (spec as { readonly id: string }).id);
}

/** Where the passage of a note stands in the text; null where it is gone. One that goes over blocks has a mark in each. */
function notedPassage(state: EditorState, id: string): Passage | null {
  const marks =
    KEY.getState(state)?.find(undefined, undefined, (spec: { id?: string }) => spec.id === id) ?? [];
  if (marks.length === 0) return null;
  return { from: Math.min(...marks.map(({ from }) => from)), to: Math.max(...marks.map(({ to }) => to)) };
}

/** Which notes have a passage in the text. */
export function notesWithPassage(state: EditorState): ReadonlySet<string> {
  return new Set(idsIn(KEY.getState(state) ?? DecorationSet.empty));
}

/** Puts other words in the place of a note's passage, as its writer's own change. False where the passage is gone. */
export function takeOver(editor: Editor, id: string, words: string): boolean {
  const place = notedPassage(editor.state, id);
  if (!place) return false;
  const { tr } = editor.state;
  // A passage that went over two blocks stays within the first.
  const changed = tr.insertText(words.replace(/\s*\n\s*/g, ' '), place.from, place.to);
  // They came at once, as what is pasted.
  editor.view.dispatch(changed.scrollIntoView().setMeta('paste', true));
  editor.commands.focus();
  return true;
}
