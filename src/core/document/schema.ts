import { Schema, type MarkSpec, type NodeSpec } from 'prosemirror-model';

/** The version of the document form that `documentSchema` describes. Older ones go through `migrate.ts`. */
export const DOCUMENT_VERSION = 1;

/** Names a look may give its colours; a document holds the name, never a colour value. */
const PALETTE_NAME = /^[a-z][a-z-]{0,23}$/;
const ALIGNMENTS = ['start', 'centre'];
const SIDES = ['full', 'start', 'end'];

function text(value: unknown): void {
  if (typeof value !== 'string') throw new RangeError('expected text');
}

function truth(value: unknown): void {
  if (typeof value !== 'boolean') throw new RangeError('expected true or false');
}

function oneOf(...allowed: readonly unknown[]) {
  return (value: unknown): void => {
    if (!allowed.includes(value)) throw new RangeError(`expected one of ${allowed.join(', ')}`);
  };
}

function wholeNumber(from: number, to: number) {
  return (value: unknown): void => {
    if (!Number.isInteger(value) || (value as number) < from || (value as number) > to)
      throw new RangeError(`expected a whole number from ${from} to ${to}`);
  };
}

function paletteName(value: unknown): void {
  if (typeof value !== 'string' || !PALETTE_NAME.test(value)) throw new RangeError('expected a palette name');
}

function linkAddress(value: unknown): void {
  if (typeof value !== 'string' || !isLinkAddress(value)) throw new RangeError('expected an address');
}

function sourceAddress(value: unknown): void {
  if (typeof value !== 'string' || !isSourceAddress(value)) throw new RangeError('expected a source');
}

/** Whether a link may lead there: the web, a mail address, or a place in the same post. */
export function isLinkAddress(address: string): boolean {
  return /^(https?:\/\/[^\s]|mailto:[^\s]|#)/i.test(address);
}

/**
 * Whether a picture may name this as where it comes from: one of our picture ids, a relative name, or the web.
 * Control characters are looked through, since browsers drop them before they read the scheme.
 */
export function isSourceAddress(address: string): boolean {
  const bare = address.replace(/[\u0000-\u0020]/g, '');
  return !/^[a-z][a-z0-9+.-]*:/i.test(bare) || /^https?:\/\//i.test(bare);
}

/** Whether `name` can be one of a look's colours. */
export function isPaletteName(name: string): boolean {
  return PALETTE_NAME.test(name);
}

const nodes = {
  doc: {
    content: 'block+',
    attrs: { version: { default: DOCUMENT_VERSION, validate: wholeNumber(1, DOCUMENT_VERSION) } },
  },
  paragraph: {
    content: 'inline*',
    group: 'block',
    attrs: { align: { default: 'start', validate: oneOf(...ALIGNMENTS) } },
  },
  heading: {
    content: 'inline*',
    group: 'block',
    defining: true,
    attrs: {
      level: { default: 2, validate: wholeNumber(2, 4) },
      align: { default: 'start', validate: oneOf(...ALIGNMENTS) },
      outline: { default: false, validate: truth },
    },
  },
  bulletList: { content: 'listItem+', group: 'block' },
  orderedList: {
    content: 'listItem+',
    group: 'block',
    attrs: { start: { default: 1, validate: wholeNumber(0, 99_999) } },
  },
  listItem: { content: 'block+', defining: true },
  blockquote: { content: 'block+ quoteSource?', group: 'block', defining: true },
  quoteSource: { content: 'inline*', defining: true },
  picture: {
    content: 'caption credit',
    group: 'block',
    isolating: true,
    draggable: true,
    attrs: {
      src: { default: '', validate: sourceAddress },
      description: { default: '', validate: text },
      licence: { default: '', validate: text },
      width: { default: 100, validate: wholeNumber(10, 100) },
      side: { default: 'full', validate: oneOf(...SIDES) },
    },
  },
  caption: { content: 'inline*', defining: true },
  credit: { content: 'inline*', defining: true },
  pictureRow: { content: 'picture{2,4}', group: 'block', isolating: true },
  video: {
    group: 'block',
    atom: true,
    attrs: {
      address: { validate: linkAddress },
      provider: { default: '', validate: text },
      title: { default: '', validate: text },
      still: { default: '', validate: sourceAddress },
    },
  },
  table: {
    content: 'tableRow+',
    group: 'block',
    isolating: true,
    attrs: { caption: { default: '', validate: text } },
  },
  tableRow: { content: '(tableCell | tableHeader)+' },
  tableHeader: { content: 'block+', isolating: true },
  tableCell: { content: 'block+', isolating: true },
  codeBlock: { content: 'text*', marks: '', group: 'block', code: true, defining: true },
  rule: { group: 'block' },
  sharedDocument: {
    group: 'block',
    atom: true,
    attrs: { address: { validate: linkAddress }, title: { default: '', validate: text } },
  },
  attachment: {
    group: 'block',
    atom: true,
    attrs: { file: { default: '', validate: text }, title: { default: '', validate: text } },
  },
  text: { group: 'inline' },
  hardBreak: { group: 'inline', inline: true, selectable: false },
} satisfies Record<string, NodeSpec>;

const marks = {
  link: { attrs: { href: { validate: linkAddress } }, inclusive: false },
  strong: {},
  emphasis: {},
  underline: {},
  strike: {},
  large: { excludes: 'large small' },
  small: { excludes: 'large small' },
  colour: { attrs: { name: { validate: paletteName } } },
  highlight: { attrs: { name: { validate: paletteName } } },
  code: {},
} satisfies Record<string, MarkSpec>;

export type NodeName = keyof typeof nodes;
export type MarkName = keyof typeof marks;

/** The specification that the editor is given too, so that there is one schema only. */
export const documentSpec = { nodes, marks };

/** The one schema of a post's body, shared by editor, server and core. */
export const documentSchema = new Schema<NodeName, MarkName>(documentSpec);
