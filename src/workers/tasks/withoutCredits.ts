import { withoutCredits as covered } from '../../core/document/credits';
import { readersHtml } from '../../core/document/html/readersHtml';
import { openDocument } from '../../core/document/openDocument';
import { plainText } from '../../core/document/plainText';

/** What was handed in as who may not know whose it is sees it: see `withoutCredits`. */
export function withoutCredits({ body }: { readonly body: string }) {
  const document = covered(openDocument(JSON.parse(body)));
  return {
    body: JSON.stringify(document.toJSON()),
    html: readersHtml(document, { sameTab: true }),
    plainText: plainText(document),
  };
}
