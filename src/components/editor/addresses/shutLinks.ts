import { Extension, type Editor } from '@tiptap/core';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import { links, maybeWebAddress } from '../../../core/document/links';
import type { OpenResult } from '../../../core/requirements/post';
import { sayingAside } from '../sayingAside';

type Results = Readonly<Record<string, OpenResult>>;

const key = new PluginKey<Results>('shutLinks');

/** Tells the text what was found at its addresses. */
export function showResults(editor: Editor, results: Results): void {
  if (editor.isDestroyed || key.getState(editor.state) === results) return;
  editor.view.dispatch(editor.state.tr.setMeta(key, results).setMeta('addToHistory', false));
}

interface ShutLinksOptions {
  /** What is said behind a link that a stranger cannot open, and behind one that leads nowhere. */
  readonly words: { readonly private: string; readonly missing: string };
}

/** Says behind each link in the text that a stranger cannot open it, where that is so. */
export const shutLinks = Extension.create<ShutLinksOptions>({
  name: 'shutLinks',
  addOptions: () => ({ words: { private: '', missing: '' } }),
  addProseMirrorPlugins() {
    const { words } = this.options;
    return [
      new Plugin<Results>({
        key,
        state: {
          init: () => ({}),
          apply: (transaction, results) => (transaction.getMeta(key) as Results | undefined) ?? results,
        },
        props: {
          decorations(state) {
            const results = key.getState(state) ?? {};
            const said = links(state.doc).flatMap((link) => {
              const result = results[maybeWebAddress(link.href) ?? ''];
              return result === 'private' || result === 'missing'
                ? [
                    Decoration.widget(link.to, () => sayingAside('shut-link', words[result]), {
                      side: 1,
                      key: result + link.href,
                    }),
                  ]
                : [];
            });
            return DecorationSet.create(state.doc, said);
          },
        },
      }),
    ];
  },
});
