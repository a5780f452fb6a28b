import type { Editor } from '@tiptap/react';
import type { Node } from 'prosemirror-model';
import type { Place } from '../../core/requirements/answer';

/** What stands at a position; null where the text has grown shorter since it was looked at. */
export function maybeNodeAt(editor: Editor, position: number): Node | null {
  const { doc } = editor.state;
  return position < doc.content.size ? doc.nodeAt(position) : null;
}

/** What the picture at a position of the text is kept as; null where no picture stands. */
export function keptPicture(editor: Editor, position: number): string | null {
  const src: unknown = maybeNodeAt(editor, position)?.attrs['src'];
  return typeof src === 'string' && src ? src : null;
}

/** What stands at a place: a picture, and the words by which its writer knows it. */
export interface PlaceShown {
  /** What the picture is kept as; null where there is none. */
  readonly picture: string | null;
  /** A picture's caption, or the first words; empty where there are none. */
  readonly words: string;
}

const MOST_SHOWN = 60;

/** What stands at a place of the text. */
export function placeShown(editor: Editor, { from, to }: Place): PlaceShown {
  const { doc } = editor.state;
  const node = maybeNodeAt(editor, from);
  const text =
    node?.type.name === 'picture'
      ? node.child(0).textContent
      : doc.textBetween(Math.min(from, doc.content.size), Math.min(to, doc.content.size), ' ');
  return { picture: keptPicture(editor, from), words: shortened(text.trim()) };
}

function shortened(text: string): string {
  return text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)} …` : text;
}

/** Writes a credit into the picture at a place. */
export function creditPicture(editor: Editor, place: Place, name: string): void {
  const node = maybeNodeAt(editor, place.from);
  if (node?.type.name !== 'picture') return;
  const start = place.from + 2 + node.child(0).nodeSize;
  editor
    .chain()
    .insertContentAt({ from: start, to: start + node.child(1).content.size }, name)
    .run();
}
