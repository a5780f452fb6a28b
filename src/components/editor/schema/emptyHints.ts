import { Extension } from '@tiptap/core';
import { Plugin } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';

export interface Hints {
  readonly body: string;
  readonly caption: string;
  readonly credit: string;
  readonly quoteSource: string;
}

/** Shows in an empty place what could stand there: in a new post, in a picture's caption and credit. */
export const emptyHints = Extension.create<{ hints: Hints }>({
  name: 'emptyHints',
  addOptions: () => ({ hints: { body: '', caption: '', credit: '', quoteSource: '' } }),
  addProseMirrorPlugins() {
    const { hints } = this.options;
    return [
      new Plugin({
        props: {
          decorations: ({ doc }) => {
            const decorations: Decoration[] = [];
            doc.descendants((node, position, parent) => {
              if (node.content.size > 0 || !node.isTextblock) return true;
              const name = node.type.name;
              const hint =
                name === 'caption' || name === 'credit' || name === 'quoteSource'
                  ? hints[name]
                  : parent === doc && doc.childCount === 1
                    ? hints.body
                    : null;
              if (hint)
                decorations.push(
                  Decoration.node(position, position + node.nodeSize, {
                    class: 'empty first',
                    'data-placeholder': hint,
                  }),
                );
              return true;
            });
            return DecorationSet.create(doc, decorations);
          },
        },
      }),
    ];
  },
});
