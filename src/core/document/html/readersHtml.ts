import type { Node } from 'prosemirror-model';
import { headingIds } from '../../posts/entryLinks';
import { PICTURE_WIDTHS, pictureAddress } from '../pictureAddress';
import { writeHtml, type PictureAddress } from './writeHtml';

/** Ids of uploaded pictures; whatever else a document names as a source is shown to nobody. */
const PICTURE_ID = /^[0-9a-z]{16}$/;

/** The addresses under which an uploaded picture is served, or null for anything that is none. */
export function maybePictureAddress(src: string): PictureAddress | null {
  if (!PICTURE_ID.test(src)) return null;
  const srcset = PICTURE_WIDTHS.map((width) => `${pictureAddress(src, width)} ${width}w`).join(', ');
  return { src: pictureAddress(src, 960), srcset };
}

/** A document as readers are given it: pictures from us alone, links that tell the other side nothing. */
export function readersHtml(
  document: Node,
  { sameTab = false }: { readonly sameTab?: boolean } = {},
): string {
  const ids = headingIds(document);
  return writeHtml(document, {
    pictureAddress: maybePictureAddress,
    forReaders: true,
    sameTab,
    headingId: (heading) => ids.get(heading) ?? null,
  });
}
