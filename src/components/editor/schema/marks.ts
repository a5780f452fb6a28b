import { Mark, type MarkConfig } from '@tiptap/core';
import { isLinkAddress, isPaletteName } from '../../../core/document/schema';

const shortcut = (keys: string): Partial<MarkConfig> => ({
  addKeyboardShortcuts() {
    return { [keys]: () => this.editor.commands.toggleMark(this.name) };
  },
});

const named = (tag: string, attribute: string): Partial<MarkConfig> => ({
  parseHTML: () => [
    {
      tag: `[${attribute}]`,
      getAttrs: (element: HTMLElement) => {
        const name = element.getAttribute(attribute) ?? '';
        return isPaletteName(name) ? { name } : false;
      },
    },
  ],
  renderHTML: ({ mark }) => [tag, { [attribute]: String(mark.attrs['name']) }, 0],
});

const sized = (size: string): Partial<MarkConfig> => ({
  parseHTML: () => [{ tag: `[data-size="${size}"]` }],
  renderHTML: () => ['span', { 'data-size': size }, 0],
});

const simple: Readonly<Record<string, Partial<MarkConfig>>> = {
  link: {
    parseHTML: () => [
      {
        tag: 'a[href]:not([data-document]):not([data-attachment])',
        getAttrs: (element: HTMLElement) => {
          const href = element.getAttribute('href') ?? '';
          return isLinkAddress(href) ? { href } : false;
        },
      },
    ],
    // While writing, a press on a link puts the cursor there; it leads nowhere.
    renderHTML: ({ mark }) => ['a', { href: String(mark.attrs['href']), rel: 'noopener noreferrer' }, 0],
  },
  strong: {
    parseHTML: () => [{ tag: 'strong' }, { tag: 'b' }],
    renderHTML: () => ['strong', 0],
    ...shortcut('Mod-b'),
  },
  emphasis: {
    parseHTML: () => [{ tag: 'em' }, { tag: 'i' }],
    renderHTML: () => ['em', 0],
    ...shortcut('Mod-i'),
  },
  underline: { parseHTML: () => [{ tag: 'u' }], renderHTML: () => ['u', 0], ...shortcut('Mod-u') },
  strike: { parseHTML: () => [{ tag: 's' }, { tag: 'del' }], renderHTML: () => ['s', 0] },
  large: sized('large'),
  small: sized('small'),
  colour: named('span', 'data-colour'),
  highlight: named('mark', 'data-highlight'),
  code: { parseHTML: () => [{ tag: 'code' }], renderHTML: () => ['code', 0] },
};

/** How the marks of the one schema stand in the editor's page. */
export const marks = Object.entries(simple).map(([name, config]) => Mark.create({ name, ...config }));
