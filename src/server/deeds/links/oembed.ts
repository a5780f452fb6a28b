import { parse, type DefaultTreeAdapterTypes } from 'parse5';
import { checkOf } from '../../ground/input/validate';

/** What a video's host says of it, by the open standard oEmbed 1.0. */
export interface Described {
  readonly title: string;
  readonly provider: string;
  /** The address of its still picture, or null. */
  readonly still: string | null;
}

const check = checkOf<{
  readonly title?: string;
  readonly provider_name?: string;
  readonly thumbnail_url?: string;
}>({
  type: 'object',
  properties: {
    title: { type: 'string' },
    provider_name: { type: 'string' },
    thumbnail_url: { type: 'string' },
  },
});

type Element = DefaultTreeAdapterTypes.Element;

/**
 * Where a page says that its description stands, in full; null where it says nothing of the kind.
 * (oEmbed 1.0, section 4, discovery)
 */
export function maybeDescriptionAddress(html: string, pageAddress: string): string | null {
  const link = findLink(parse(html).childNodes);
  const href = link?.attrs.find((one) => one.name === 'href')?.value;
  return href ? new URL(href, pageAddress).href : null;
}

/** The description itself, or null where it is none. */
export function maybeDescribed(json: string): Described | null {
  try {
    const checked = check(JSON.parse(json));
    if (!checked.ok) return null;
    const { title = '', provider_name: provider = '', thumbnail_url: still } = checked.value;
    return { title: title.slice(0, 200), provider: provider.slice(0, 60), still: still ?? null };
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}

function findLink(children: readonly DefaultTreeAdapterTypes.ChildNode[]): Element | null {
  for (const child of children) {
    if (!('tagName' in child)) continue;
    const type = child.attrs.find((one) => one.name === 'type')?.value;
    if (child.tagName === 'link' && type === 'application/json+oembed') return child;
    const within = findLink(child.childNodes);
    if (within) return within;
  }
  return null;
}
