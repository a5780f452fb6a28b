import { Extension, type Editor } from '@tiptap/core';
import { NodeSelection, Plugin, TextSelection } from '@tiptap/pm/state';
import { Decoration, DecorationSet, type EditorView } from '@tiptap/pm/view';

/** Moves the block that the cursor is in one place up or down among the blocks of the post; false where it can't. */
function moveBlock(editor: Editor, by: -1 | 1): boolean {
  const { doc, selection, tr } = editor.state;
  const index = selection.$from.index(0);
  const target = index + by;
  if (target < 0 || target >= doc.childCount) return false;
  const block = doc.child(index);
  const from = selection.$from.depth > 0 ? selection.$from.before(1) : selection.from;
  const offset = selection.from - from;
  const other = doc.child(target);
  const to = by < 0 ? from - other.nodeSize : from + other.nodeSize;
  tr.delete(from, from + block.nodeSize).insert(to, block);
  tr.setSelection(TextSelection.near(tr.doc.resolve(to + Math.max(1, offset))));
  editor.view.dispatch(tr.scrollIntoView());
  return true;
}

interface BlockMovesOptions {
  /** What the grip is called for those who cannot see it. */
  readonly grip: string;
  /** Where a block is now that was moved by keys, from 1, in words. */
  readonly moved: (place: number, of: number) => string;
}

/** Blocks are moved by a grip beside the one that the cursor is in, and by Alt with Shift and an arrow. */
export const blockMoves = Extension.create<BlockMovesOptions>({
  name: 'blockMoves',
  addOptions: () => ({ grip: '', moved: () => '' }),
  addKeyboardShortcuts() {
    const move = (by: -1 | 1) => {
      const done = moveBlock(this.editor, by);
      const { doc, selection } = this.editor.state;
      if (done) say(this.editor.view, this.options.moved(selection.$from.index(0) + 1, doc.childCount));
      return done;
    };
    return { 'Alt-Shift-ArrowUp': () => move(-1), 'Alt-Shift-ArrowDown': () => move(1) };
  },
  addProseMirrorPlugins() {
    const { grip } = this.options;
    return [
      new Plugin({
        props: {
          decorations(state) {
            const { $from } = state.selection;
            if ($from.depth === 0) return null;
            const at = $from.before(1);
            return DecorationSet.create(state.doc, [
              Decoration.widget(at, (view) => gripFor(view, at, grip), {
                side: -1,
                key: `grip ${at}`,
                ignoreSelection: true,
              }),
            ]);
          },
        },
      }),
    ];
  },
});

/** Something to drag a whole block by; the keys do the same, so it takes no focus. */
function gripFor(view: EditorView, at: number, name: string): HTMLElement {
  const element = document.createElement('span');
  element.className = 'block-grip no-print';
  element.contentEditable = 'false';
  element.draggable = true;
  element.title = name;
  element.addEventListener('dragstart', (event) => {
    const selection = NodeSelection.create(view.state.doc, at);
    view.dispatch(view.state.tr.setSelection(selection));
    const slice = selection.content();
    event.dataTransfer?.setData('text/plain', slice.content.textBetween(0, slice.content.size, '\n'));
    view.dragging = { slice, move: true };
  });
  return element;
}

/** Tells those who listen: what moved is seen by the others. */
function say(view: EditorView, words: string): void {
  const known = view.dom.parentElement?.querySelector<HTMLElement>(':scope > [data-moved]');
  const line = known ?? document.createElement('p');
  if (!known) {
    line.dataset['moved'] = '';
    line.className = 'sr-only';
    line.setAttribute('role', 'status');
    view.dom.after(line);
  }
  line.textContent = words;
}
