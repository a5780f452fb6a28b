import { Node, type NodeConfig } from '@tiptap/core';
import { ReactNodeViewRenderer } from '@tiptap/react';
import { isLinkAddress } from '../../../core/document/schema';
import { AddressedView } from '../addresses/AddressedView';
import { AttachmentView } from '../addresses/AttachmentView';

/** What holds other blocks stands on the side from which its first letter is read; the blocks themselves do so by style. */
const EITHER_WAY = { dir: 'auto' } as const;

/**
 * How the nodes of the one schema stand in the editor's page, and how they are read from it. Their structure comes
 * from `documentSpec`; here is only what is bound to the browser.
 */
const simple: Readonly<Record<string, Partial<NodeConfig>>> = {
  doc: { topNode: true },
  text: {},
  paragraph: {
    parseHTML: () => [{ tag: 'p', getAttrs: alignment }],
    renderHTML: ({ node }) => ['p', aligned(node.attrs['align']), 0],
  },
  heading: {
    parseHTML: () =>
      [1, 2, 3, 4, 5, 6].map((level) => ({
        tag: `h${level}`,
        getAttrs: (element: HTMLElement) => ({
          level: Math.min(4, Math.max(2, level)),
          outline: element.hasAttribute('data-outline'),
          ...alignment(element),
        }),
      })),
    renderHTML: ({ node }) => [
      `h${String(node.attrs['level'])}`,
      { ...aligned(node.attrs['align']), ...(node.attrs['outline'] ? { 'data-outline': '' } : {}) },
      0,
    ],
  },
  bulletList: { parseHTML: () => [{ tag: 'ul' }], renderHTML: () => ['ul', EITHER_WAY, 0] },
  orderedList: {
    parseHTML: () => [
      {
        tag: 'ol',
        getAttrs: (element: HTMLElement) => ({ start: Number(element.getAttribute('start') ?? 1) || 1 }),
      },
    ],
    renderHTML: ({ node }) => ['ol', { ...EITHER_WAY, start: String(node.attrs['start']) }, 0],
  },
  listItem: { parseHTML: () => [{ tag: 'li' }], renderHTML: () => ['li', 0] },
  blockquote: { parseHTML: () => [{ tag: 'blockquote' }], renderHTML: () => ['blockquote', EITHER_WAY, 0] },
  quoteSource: {
    parseHTML: () => [{ tag: 'blockquote > cite' }, { tag: '[data-quote-source]' }],
    renderHTML: () => ['div', { 'data-quote-source': '' }, 0],
  },
  caption: {
    parseHTML: () => [{ tag: '[data-caption]' }],
    renderHTML: () => ['div', { 'data-caption': '' }, 0],
  },
  credit: {
    parseHTML: () => [{ tag: '[data-credit]' }],
    renderHTML: () => ['div', { 'data-credit': '' }, 0],
  },
  pictureRow: {
    parseHTML: () => [{ tag: 'div[data-row]' }],
    renderHTML: () => ['div', { 'data-row': '' }, 0],
  },
  video: {
    parseHTML: () => [
      {
        tag: 'figure[data-video]',
        getAttrs: (element: HTMLElement) => {
          const address = element.getAttribute('data-video') ?? '';
          return isLinkAddress(address)
            ? {
                address,
                title: element.getAttribute('data-title') ?? '',
                provider: element.getAttribute('data-provider') ?? '',
                still: element.getAttribute('data-still') ?? '',
              }
            : false;
        },
      },
    ],
    renderHTML: ({ node }) => [
      'figure',
      {
        'data-video': String(node.attrs['address']),
        'data-title': String(node.attrs['title']),
        'data-provider': String(node.attrs['provider']),
        'data-still': String(node.attrs['still']),
      },
      String(node.attrs['title']),
    ],
    addNodeView: () => ReactNodeViewRenderer(AddressedView),
  },
  table: { parseHTML: () => [{ tag: 'table' }], renderHTML: () => ['table', EITHER_WAY, ['tbody', 0]] },
  tableRow: { parseHTML: () => [{ tag: 'tr' }], renderHTML: () => ['tr', 0] },
  tableHeader: { parseHTML: () => [{ tag: 'th' }], renderHTML: () => ['th', 0] },
  tableCell: { parseHTML: () => [{ tag: 'td' }], renderHTML: () => ['td', 0] },
  codeBlock: {
    parseHTML: () => [{ tag: 'pre', preserveWhitespace: 'full' }],
    renderHTML: () => ['pre', ['code', 0]],
  },
  rule: { parseHTML: () => [{ tag: 'hr' }], renderHTML: () => ['hr'] },
  sharedDocument: {
    parseHTML: () => [
      {
        tag: 'a[data-document]',
        priority: 60,
        getAttrs: (element: HTMLElement) => {
          const address = element.getAttribute('href') ?? '';
          return isLinkAddress(address) ? { address, title: element.textContent } : false;
        },
      },
    ],
    renderHTML: ({ node }) => [
      'a',
      { 'data-document': '', href: String(node.attrs['address']) },
      String(node.attrs['title']),
    ],
    addNodeView: () => ReactNodeViewRenderer(AddressedView),
  },
  attachment: {
    parseHTML: () => [
      {
        tag: 'a[data-attachment]',
        priority: 60,
        getAttrs: (element: HTMLElement) => ({
          file: element.getAttribute('data-attachment') ?? '',
          title: element.textContent,
        }),
      },
    ],
    renderHTML: ({ node }) => [
      'a',
      { 'data-attachment': String(node.attrs['file']) },
      String(node.attrs['title']),
    ],
    addNodeView: () => ReactNodeViewRenderer(AttachmentView),
  },
  hardBreak: {
    parseHTML: () => [{ tag: 'br' }],
    renderHTML: () => ['br'],
    addKeyboardShortcuts() {
      const insert = () => this.editor.commands.insertContent({ type: this.name });
      return { 'Shift-Enter': insert, 'Mod-Enter': insert };
    },
  },
};

/** The nodes that need nothing but a way in and out; pictures have a view of their own. */
export const nodes = Object.entries(simple).map(([name, config]) => Node.create({ name, ...config }));

function alignment(element: HTMLElement): { align: string } {
  return { align: element.style.textAlign === 'center' ? 'centre' : 'start' };
}

function aligned(align: unknown): { style?: string } {
  return align === 'centre' ? { style: 'text-align:center' } : {};
}
