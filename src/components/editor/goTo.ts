import type { Editor } from '@tiptap/react';
import type { Place } from '../../core/requirements/answer';
import { maybeNodeAt } from './atPlace';

const LOOK_HERE = 1600;

/** Takes the writer to a place in the text: into the very field where something is missing. */
export function goTo(editor: Editor, place: Place): void {
  const node = maybeNodeAt(editor, place.from);
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

function show(element: HTMLElement): void {
  element.scrollIntoView({ block: 'center' });
  element.classList.add('place-here');
  setTimeout(() => element.classList.remove('place-here'), LOOK_HERE);
}
