import type { Editor } from '@tiptap/react';

type Tools<Name extends string> = Readonly<Record<Name, () => void>>;

/** Tools that stand beside the text where there is room for all, and under More where only a few are shown. */
export function plainTools(
  editor: Editor,
): Tools<'smallHeading' | 'italic' | 'underline' | 'steps' | 'quotation'> {
  const run = () => editor.chain().focus();
  return {
    smallHeading: () => run().toggleNode('heading', 'paragraph', { level: 3 }).run(),
    italic: () => run().toggleMark('emphasis').run(),
    underline: () => run().toggleMark('underline').run(),
    steps: () => run().toggleList('orderedList', 'listItem').run(),
    quotation: () => run().toggleWrap('blockquote').run(),
  };
}

/** How words and their lines can look, beyond what is used every day. */
export function wordTools(editor: Editor): Tools<string> {
  const run = () => editor.chain().focus();
  return {
    centre: () => {
      const name = editor.isActive('heading') ? 'heading' : 'paragraph';
      const now = String(editor.getAttributes(name)['align']);
      run()
        .updateAttributes(name, { align: now === 'centre' ? 'start' : 'centre' })
        .run();
    },
    smallestHeading: () => run().toggleNode('heading', 'paragraph', { level: 4 }).run(),
    strike: () => run().toggleMark('strike').run(),
    code: () => run().toggleMark('code').run(),
    large: () => run().toggleMark('large').run(),
    small: () => run().toggleMark('small').run(),
  };
}
