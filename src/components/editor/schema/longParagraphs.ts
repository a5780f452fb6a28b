import { Extension } from '@tiptap/core';
import { Plugin } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import { wordsInBlock } from '../../../core/words/documentWords';
import { sayingAside } from '../sayingAside';

/** From so many words on a paragraph is tiring to read on a screen. */
const LONG = 130;

/** Points out, gently, a paragraph that is too long to be read on a screen. */
export const longParagraphs = Extension.create<{ words: string }>({
  name: 'longParagraphs',
  addOptions: () => ({ words: '' }),
  addProseMirrorPlugins() {
    const { words } = this.options;
    return [
      new Plugin({
        props: {
          decorations: ({ doc }) => {
            const said: Decoration[] = [];
            doc.forEach((node, position) => {
              if (node.type.name !== 'paragraph' || wordsInBlock(node) < LONG) return;
              said.push(
                Decoration.widget(position + node.nodeSize - 1, () => sayingAside('long-paragraph', words), {
                  side: 1,
                  key: 'long',
                }),
              );
            });
            return DecorationSet.create(doc, said);
          },
        },
      }),
    ];
  },
});
