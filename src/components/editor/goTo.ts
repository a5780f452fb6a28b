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
