import type { Node } from 'prosemirror-model';
import { readersHtml } from '../../core/document/html/readersHtml';

/**
 * A post's body for readers. The HTML is made from the checked document by `writeHtml`, which escapes every text and
 * attribute; nothing that a person typed as HTML gets here.
 */
export function ReaderProse({ document }: { readonly document: Node }) {
  return <div className="prose" dangerouslySetInnerHTML={{ __html: readersHtml(document) }} />;
}
