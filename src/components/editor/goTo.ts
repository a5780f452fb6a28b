import type { Editor } from '@tiptap/react';
import type { Place } from '../../core/requirements/answer';

const LOOK_HERE = 1600;

/** Takes the writer to a place in the text: into the very field where something is missing. */
export function goTo(editor: Editor, place: Place): void {
  const node = editor.state.doc.nodeAt(place.from);
  if (node?.type.name !== 'picture') {
    editor.chain().setTextSelection({ from: place.from, to: place.to }).focus().scrollIntoView().run();
    return;
  }
  const dom = editor.view.nodeDOM(place.from);
  if (dom instanceof HTMLElement) show(dom);
  const field = dom instanceof HTMLElement ? dom.querySelector('input') : null;
  if (place.reason === 'description' && field) field.focus();
  else
    editor
      .chain()
      .setTextSelection(place.from + 2 + node.child(0).nodeSize)
      .focus()
      .run();
}

/** What the picture at a position of the text is kept as; null where no picture stands. */
export function keptPicture(editor: Editor, position: number): string | null {
  const src: unknown = editor.state.doc.nodeAt(position)?.attrs['src'];
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

/** What stands at a place of the text, which may have grown shorter since it was looked at. */
export function placeShown(editor: Editor, { from, to }: Place): PlaceShown {
  const { doc } = editor.state;
  const end = Math.min(to, doc.content.size);
  const node = from < end ? doc.nodeAt(from) : null;
  const text =
    node?.type.name === 'picture'
      ? node.child(0).textContent
      : from < end
        ? doc.textBetween(from, end, ' ')
        : '';
  return { picture: keptPicture(editor, from), words: shortened(text.trim()) };
}

function shortened(text: string): string {
  return text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)} …` : text;
}

/** Writes a credit into the picture at a place. */
export function creditPicture(editor: Editor, place: Place, name: string): void {
  const node = editor.state.doc.nodeAt(place.from);
  if (node?.type.name !== 'picture') return;
  const start = place.from + 2 + node.child(0).nodeSize;
  editor
    .chain()
    .insertContentAt({ from: start, to: start + node.child(1).content.size }, name)
    .run();
}

function show(element: HTMLElement): void {
  element.scrollIntoView({ block: 'center' });
  element.classList.add('place-here');
  setTimeout(() => element.classList.remove('place-here'), LOOK_HERE);
}
