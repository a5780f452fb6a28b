import type { Mark, Node } from 'prosemirror-model';
import { isLinkAddress, isSourceAddress } from '../schema';

export interface WriteHtmlOptions {
  /** The address under which readers find a picture, for the `src` it has in the document; null leaves it out. */
  readonly pictureAddress?: (src: string, node: Node) => PictureAddress | null;
  /** True for pages that people read: links open in a new tab and tell the other side nothing. */
  readonly forReaders?: boolean;
  /** The name of a heading's place, for links that lead to it. */
  readonly headingId?: (heading: Node) => string | null;
  /** True where links in the text open where they are; a video and a shared document never do. */
  readonly sameTab?: boolean;
}

export interface PictureAddress {
  readonly src: string;
  readonly srcset?: string;
}

type NodeWriter = (node: Node, options: WriteHtmlOptions) => string;

/**
 * A document as HTML that holds nothing but what the schema allows: every text and attribute is escaped and every
 * address is checked again on the way out. Without options `readHtml` gives the same document back.
 */
export function writeHtml(document: Node, options: WriteHtmlOptions = {}): string {
  return children(document, options);
}

const NODES: Readonly<Record<string, NodeWriter>> = {
  paragraph: (node, options) => element('p', alignment(node), inline(node, options)),
  heading: (node, options) =>
    element(
      `h${Number(node.attrs['level'])}`,
      {
        id: options.headingId?.(node) ?? null,
        ...alignment(node),
        'data-outline': node.attrs['outline'] ? '' : null,
      },
      inline(node, options),
    ),
  bulletList: (node, options) => element('ul', eitherWay(options), children(node, options)),
  orderedList: (node, options) =>
    element(
      'ol',
      { ...eitherWay(options), start: node.attrs['start'] === 1 ? null : String(node.attrs['start']) },
      children(node, options),
    ),
  listItem: (node, options) => element('li', {}, children(node, options)),
  blockquote: (node, options) => element('blockquote', eitherWay(options), children(node, options)),
  quoteSource: (node, options) => element('cite', {}, inline(node, options)),
  picture: writePicture,
  pictureRow: (node, options) => element('div', { 'data-row': '' }, children(node, options)),
  video: (node, options) =>
    element(
      'figure',
      {
        'data-video': linkAddress(node.attrs['address']),
        'data-provider': filled(node.attrs['provider']),
        'data-title': filled(node.attrs['title']),
        'data-still': filled(node.attrs['still']),
      },
      // Nobody's page is asked for anything by itself: a reader opens a video in a tab of its own.
      options.forReaders
        ? still(node, options) + outwardLink(node.attrs['address'], node.attrs['title'])
        : '',
    ),
  table: (node, options) =>
    element(
      'table',
      eitherWay(options),
      (node.attrs['caption'] ? titled('caption', {}, node.attrs['caption']) : '') +
        element('tbody', {}, children(node, options)),
    ),
  tableRow: (node, options) => element('tr', {}, children(node, options)),
  tableHeader: (node, options) => element('th', {}, children(node, options)),
  tableCell: (node, options) => element('td', {}, children(node, options)),
  codeBlock: (node) => element('pre', {}, element('code', {}, escapeHtml(node.textContent))),
  rule: () => '<hr>',
  sharedDocument: (node, options) =>
    titled(
      'a',
      {
        'data-document': '',
        href: linkAddress(node.attrs['address']),
        ...(options.forReaders ? OUTWARD : {}),
      },
      node.attrs['title'] || (options.forReaders ? node.attrs['address'] : ''),
    ),
  attachment: (node, options) =>
    titled(
      'a',
      {
        'data-attachment': String(node.attrs['file']),
        ...(options.forReaders ? { href: handoutAddress(node.attrs['file']), download: '' } : {}),
      },
      node.attrs['title'],
    ),
};

/** For readers, what holds other blocks stands on the side from which its first letter is read. */
function eitherWay({ forReaders }: WriteHtmlOptions): Record<string, string | null> {
  return { dir: forReaders ? 'auto' : null };
}

/** Where a file that a teacher gives out is fetched; nothing where a document names what cannot be one. */
function handoutAddress(file: unknown): string {
  return typeof file === 'string' && /^[0-9a-z]{16}$/.test(file) ? `/handouts/${file}` : '';
}

/** Readers' links open in their own tab and tell the other side nothing. */
const OUTWARD = { target: '_blank', rel: 'noopener noreferrer nofollow ugc' } as const;

/** The still of a video, from our own server alone; without one there are only words. */
function still(node: Node, { pictureAddress }: WriteHtmlOptions): string {
  const src = String(node.attrs['still']);
  const address = src && pictureAddress ? pictureAddress(src, node) : null;
  return address ? element('img', { src: address.src, loading: 'lazy', alt: '' }, null) : '';
}

function outwardLink(address: unknown, title: unknown): string {
  return titled('a', { href: linkAddress(address), ...OUTWARD }, title || address);
}

const MARKS: Readonly<Record<string, (mark: Mark, inner: string, options: WriteHtmlOptions) => string>> = {
  link: (mark, inner, options) => {
    const href = String(mark.attrs['href']);
    const outward = options.forReaders && !href.startsWith('#');
    return element(
      'a',
      {
        href: linkAddress(href),
        ...(outward ? (options.sameTab ? { rel: OUTWARD.rel } : OUTWARD) : {}),
      },
      inner,
    );
  },
  strong: (_, inner) => element('strong', {}, inner),
  emphasis: (_, inner) => element('em', {}, inner),
  underline: (_, inner) => element('u', {}, inner),
  strike: (_, inner) => element('s', {}, inner),
  code: (_, inner) => element('code', {}, inner),
  large: (_, inner) => element('span', { 'data-size': 'large' }, inner),
  small: (_, inner) => element('span', { 'data-size': 'small' }, inner),
  colour: (mark, inner) => element('span', { 'data-colour': String(mark.attrs['name']) }, inner),
  highlight: (mark, inner) => element('mark', { 'data-highlight': String(mark.attrs['name']) }, inner),
};

function children(node: Node, options: WriteHtmlOptions): string {
  let html = '';
  node.forEach((child) => {
    const write = NODES[child.type.name];
    if (!write) throw new RangeError(`no HTML is known for the node ${child.type.name}`);
    html += write(child, options);
  });
  return html;
}

function inline(block: Node, options: WriteHtmlOptions): string {
  let html = '';
  block.forEach((child, _, index) => {
    const bare = child.isText ? writeText(block, index) : '<br>';
    html += child.marks.reduceRight((inner, mark) => writeMark(mark, inner, options), bare);
  });
  return html;
}

function writeText(block: Node, index: number): string {
  const text = block.child(index).text ?? '';
  const html = escapeHtml(text);
  return wouldFold(block, index, text) ? element('span', { 'data-space': '' }, html) : html;
}

/** Whether a reader of HTML would fold or drop some of the white space in the child at `index`. */
function wouldFold(block: Node, index: number, text: string): boolean {
  const before = index > 0 ? block.child(index - 1) : null;
  const afterSpace = !before || !before.isText || before.text?.endsWith(' ') === true;
  return (
    /[\t\n\r\f]| {2}/.test(text) ||
    (text.startsWith(' ') && afterSpace) ||
    (text.endsWith(' ') && index === block.childCount - 1)
  );
}

function writeMark(mark: Mark, inner: string, options: WriteHtmlOptions): string {
  const write = MARKS[mark.type.name];
  if (!write) throw new RangeError(`no HTML is known for the mark ${mark.type.name}`);
  return write(mark, inner, options);
}

function writePicture(node: Node, options: WriteHtmlOptions): string {
  const src = String(node.attrs['src']);
  const address = options.pictureAddress ? options.pictureAddress(src, node) : { src };
  const image = address
    ? element(
        'img',
        {
          src: isSourceAddress(address.src) ? address.src : '',
          srcset: address.srcset ?? null,
          ...(options.forReaders ? { loading: 'lazy', sizes: '(max-width: 700px) 100vw, 660px' } : {}),
          alt: String(node.attrs['description']),
          'data-licence': filled(node.attrs['licence']),
        },
        null,
      )
    : '';
  const caption = inline(node.child(0), options);
  const credit = inline(node.child(1), options);
  // Readers are shown no empty line; for ourselves both places are always written.
  const captionParts = options.forReaders
    ? [caption, credit && element('cite', {}, credit)].filter(Boolean).join(' ')
    : `${caption}${element('cite', {}, credit)}`;
  return element(
    'figure',
    {
      'data-width': node.attrs['width'] === 100 ? null : String(node.attrs['width']),
      'data-side': node.attrs['side'] === 'full' ? null : String(node.attrs['side']),
      // A whole number by the schema: nothing else gets into the style.
      style: options.forReaders && node.attrs['width'] !== 100 ? `--w:${Number(node.attrs['width'])}%` : null,
    },
    image + (captionParts ? element('figcaption', {}, captionParts) : ''),
  );
}

/** An element that holds one plain text; white space that would be folded is marked to be kept. */
function titled(tag: string, attributes: Record<string, string | null>, title: unknown): string {
  const text = String(title);
  const folds = text !== text.replace(/\s+/gu, ' ').trim();
  return element(tag, { ...attributes, 'data-space': folds ? '' : null }, escapeHtml(text));
}

function alignment(node: Node): Record<string, string | null> {
  return { style: node.attrs['align'] === 'centre' ? 'text-align:center' : null };
}

function filled(value: unknown): string | null {
  return typeof value === 'string' && value !== '' ? value : null;
}

function linkAddress(value: unknown): string {
  const address = String(value);
  return isLinkAddress(address) ? address : '#';
}

function element(tag: string, attributes: Record<string, string | null>, inner: string | null): string {
  let html = `<${tag}`;
  for (const [name, value] of Object.entries(attributes))
    if (value !== null)
      html += value === '' && name.startsWith('data-') ? ` ${name}` : ` ${name}="${escapeHtml(value)}"`;
  return inner === null ? `${html}>` : `${html}>${inner}</${tag}>`;
}

/** Text that HTML cannot mistake for anything but text, in content and in quoted attributes. */
export function escapeHtml(text: string): string {
  return text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
    .replace(/\r/g, '&#13;');
}
