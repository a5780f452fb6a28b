import { Extension } from '@tiptap/core';
import type { Node } from '@tiptap/pm/model';
import { Plugin, PluginKey, type EditorState, type Transaction } from '@tiptap/pm/state';
import type { EditorView } from '@tiptap/pm/view';
import { MOST_CAME } from '../../../contract/origin/came';
import type { CameInText } from '../../basics/unsavedCopy';
import type { Passage } from '../../../core/notes/passage';
import { passageAt } from '../../../core/notes/passageAt';
import { positionsOf } from '../../../core/notes/positionsOf';
import type { CameAtOnce } from '../../../core/origin/countSave';

/** A passage that came at once, known again when it was told; in document positions. */
interface Came extends Passage {
  readonly id: number;
  readonly way: CameAtOnce['way'];
}

interface State {
  readonly came: readonly Came[];
  /** What was cut last: it comes back where it is put in again. */
  readonly cut: string | null;
}

/** What a transaction says to this: passages that an earlier page noted, or which of them were told. */
type Told = { readonly noted: readonly CameAtOnce[] } | { readonly told: readonly number[] };

const key = new PluginKey<State>('cameAtOnce');
let lastId = 0;

/**
 * Notes which passages of the text came at once since they were told last: pasted, dropped, brought in from a file or taken over from a
 * note; or came back, cut before or undone. Nothing else of what is done in the editor is noted.
 */
export const cameAtOnce = Extension.create({
  name: 'cameAtOnce',
  addProseMirrorPlugins: () => [
    new Plugin<State>({
      key,
      state: {
        init: () => ({ came: [], cut: null }),
        apply: (transaction, before) => applied(transaction, before),
      },
    }),
  ],
});

/** The passages that wait to be told, as the plain text of the editor's document has them. */
export function cameIn(state: EditorState): readonly CameInText[] {
  const waiting = key.getState(state)?.came ?? [];
  return waiting
    .slice(-MOST_CAME)
    .map(({ id, way, ...place }) => ({ id, way, ...passageAt(state.doc, place) }));
}

/** Takes up what an earlier page noted and could not tell; its document stands here already. */
export function takeUpCame(view: EditorView, noted: readonly CameAtOnce[]): void {
  if (noted.length > 0) view.dispatch(view.state.tr.setMeta(key, { noted } satisfies Told));
}

/** What was told is not told again. */
export function forgetCame(view: EditorView, told: readonly number[]): void {
  if (told.length > 0) view.dispatch(view.state.tr.setMeta(key, { told } satisfies Told));
}

function applied(transaction: Transaction, before: State): State {
  const told = transaction.getMeta(key) as Told | undefined;
  if (told && 'told' in told)
    return { ...before, came: before.came.filter(({ id }) => !told.told.includes(id)) };
  if (told) return { ...before, came: told.noted.flatMap((one) => placed(transaction.doc, one)) };
  if (!transaction.docChanged) return before;
  const moved = before.came.flatMap((one) => {
    const from = transaction.mapping.map(one.from, 1);
    const to = transaction.mapping.map(one.to, -1);
    return from < to ? [{ ...one, from, to }] : [];
  });
  const cut = transaction.getMeta('uiEvent') === 'cut' ? takenOut(transaction) : before.cut;
  const way = wayOf(transaction, before.cut);
  if (way === null) return { came: moved, cut };
  const came = putIn(transaction).map((place) => ({ id: (lastId += 1), way, ...place }));
  // What was forgotten of many is counted as written.
  return { came: [...moved, ...came].slice(-MOST_CAME), cut };
}

/** How what a transaction puts in came; null where it was written, or moved within one step. */
function wayOf(transaction: Transaction, cut: string | null): CameAtOnce['way'] | null {
  // Undoing a paste and doing it again brings nothing new.
  if (transaction.getMeta('history$') !== undefined) return 'back';
  // What the clipboard, a file or a teacher's note brings says that it does.
  const pasted = transaction.getMeta('uiEvent') === 'drop' || transaction.getMeta('paste') === true;
  if (!pasted) return null;
  const text = putIn(transaction).map(({ from, to }) => textOf(transaction.doc, from, to));
  return cut !== null && squeezed(text.join('\n')) === squeezed(cut) ? 'back' : 'pasted';
}

/** Where a transaction put something in, in its document. */
function putIn({ mapping }: Transaction): readonly Passage[] {
  const places: Passage[] = [];
  for (const [index, map] of mapping.maps.entries())
    map.forEach((_, __, begins, ends) => {
      const after = mapping.slice(index + 1);
      const [from, to] = [after.map(begins, 1), after.map(ends, -1)];
      if (from < to) places.push({ from, to });
    });
  return places;
}

function takenOut({ mapping, docs }: Transaction): string {
  const parts: string[] = [];
  for (const [index, map] of mapping.maps.entries())
    map.forEach((from, to) => {
      const doc = docs[index];
      if (doc && from < to) parts.push(textOf(doc, from, to));
    });
  return parts.join('\n');
}

function textOf(doc: Node, from: number, to: number): string {
  return doc.textBetween(from, to, '\n', ' ');
}

function squeezed(text: string): string {
  return text.replace(/\s+/gu, ' ').trim();
}

function placed(doc: Node, { way, from, to }: CameAtOnce): readonly Came[] {
  const place = positionsOf(doc, { from, to });
  return place ? [{ id: (lastId += 1), way, ...place }] : [];
}
