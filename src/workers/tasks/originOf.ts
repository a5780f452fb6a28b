import { placesOfWords } from '../../core/alike/placesOfWords';
import { readersHtml } from '../../core/document/html/readersHtml';
import { openDocument } from '../../core/document/openDocument';
import { plainText } from '../../core/document/plainText';
import type { Passage } from '../../core/notes/passage';
import { pieceWords } from '../../core/origin/pieceWords';
import { standingPieces } from '../../core/origin/standing';
import { wordsOf } from '../../core/words/countWords';

interface Asked {
  /** The body as JSON text. */
  readonly body: string;
  readonly postId: string;
  /** See `pieceWords`; the one that came first first. */
  readonly pieces: readonly (readonly number[])[];
}

/** What stands in a text of the pieces that came at once. */
interface Origin {
  /** All words that stand in it. */
  readonly words: number;
  /** As readers are given it: see `htmlForReaders`. */
  readonly html: string;
  /** For each piece how many words of it stand there as they came, and in which passages of the plain text. */
  readonly standing: readonly { readonly words: number; readonly passages: readonly Passage[] }[];
}

export function originOf({ body, postId, pieces }: Asked): Origin {
  const document = openDocument(JSON.parse(body));
  const text = plainText(document);
  const words = wordsOf(text);
  const places = placesOfWords(text);
  return {
    words: words.length,
    html: readersHtml(document, { sameTab: true }),
    standing: standingPieces(pieceWords(words, postId), pieces).map(({ words: count, rows }) => ({
      words: count,
      passages: rows.map(({ from, to }) => ({ from: places[from]!.from, to: places[to - 1]!.to })),
    })),
  };
}
