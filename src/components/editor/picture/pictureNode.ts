import { Node } from '@tiptap/core';
import { ReactNodeViewRenderer } from '@tiptap/react';
import { PictureView } from './PictureView';

/** A picture with its caption and credit, which are written in place, and its description in a field of its own. */
export const pictureNode = Node.create({
  name: 'picture',
  parseHTML: () => [
    {
      tag: '[data-picture]',
      getAttrs: (element) => ({
        src: element.getAttribute('data-picture') ?? '',
        description: element.getAttribute('data-description') ?? '',
        licence: element.getAttribute('data-licence') ?? '',
        side: element.getAttribute('data-side') ?? 'full',
        width: Number(element.getAttribute('data-width') ?? 100),
      }),
    },
  ],
  renderHTML: ({ node }) => [
    'div',
    {
      'data-picture': String(node.attrs['src']),
      'data-description': String(node.attrs['description']),
      'data-licence': String(node.attrs['licence']),
      'data-side': String(node.attrs['side']),
      'data-width': String(node.attrs['width']),
    },
    0,
  ],
  addNodeView: () =>
    ReactNodeViewRenderer(PictureView, {
      attrs: ({ node }) => ({
        'data-picture': '',
        'data-side': String(node.attrs['side']),
        style: `--w:${Number(node.attrs['width'])}%`,
      }),
    }),
});
