import { openDocument } from '../../core/document/openDocument';
import { plainText } from '../../core/document/plainText';
import type { Passage } from '../../core/notes/passage';
import { passageAt } from '../../core/notes/passageAt';

interface Places {
  /** The body as JSON text. */
  readonly body: string;
  /** Document positions. */
  readonly places: readonly Passage[];
  /** So much is wanted of what stands there, in UTF-16 units. */
  readonly most: number;
}

/** What of a post's plain text stands at some places of it, one for each, with the beginning of its words. */
export function passagesAt({ body, places, most }: Places): readonly (Passage & { readonly text: string })[] {
  const document = openDocument(JSON.parse(body));
  const text = plainText(document);
  return places.map((place) => {
    const { from, to } = passageAt(document, place);
    return { from, to, text: text.slice(from, Math.min(to, from + most)) };
  });
}
