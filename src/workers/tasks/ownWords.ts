import { wordsIn, type OtherText } from '../../core/alike/comparable';
import { ownFingerprints } from '../../core/alike/fingerprints';
import { ownWords, type Given } from '../../core/alike/ownRows';
import { RowIndex } from '../../core/alike/rowIndex';
import { sharedPassages } from '../../core/alike/sharedPassages';
import { openDocument } from '../../core/document/openDocument';
import { plainText } from '../../core/document/plainText';
import type { Passage } from '../../core/notes/passage';
import { passageAt } from '../../core/notes/passageAt';

interface OwnWords {
  /** The body as JSON text. */
  readonly body: string;
  readonly given: Given;
}

/** What of a post is its writer's own, and by what it is looked for in other posts. */
interface OwnWordsFound {
  /** Words as they are compared, in rows that nothing breaks. */
  readonly rows: readonly (readonly string[])[];
  readonly fingerprints: readonly number[];
}

export function ownWordsOf({ body, given }: OwnWords): OwnWordsFound {
  const rows = ownWords(openDocument(JSON.parse(body)), given);
  return { rows, fingerprints: ownFingerprints(rows) };
}

/** Which of other texts, by their ids, have some of a writer's own words in a row. */
export function alikeAmong({
  rows,
  others,
}: Pick<OwnWordsFound, 'rows'> & { readonly others: readonly OtherText[] }): readonly string[] {
  const index = new RowIndex(rows);
  return others.filter((other) => index.meets(wordsIn(other))).map(({ id }) => id);
}

interface Comparing extends OwnWords {
  readonly others: readonly { readonly id: string; readonly body: string }[];
  /** So many passages are told of each other text. */
  readonly most: number;
}

/** What stands in a post and in another text. */
interface AlikeWith {
  readonly id: string;
  /** The words in all its passages. */
  readonly words: number;
  readonly passages: readonly BothPlaces[];
}

/** A passage where it stands in the post's plain text (UTF-16 units), and as it stands in both. */
interface BothPlaces extends Passage {
  readonly here: string;
  readonly there: PassageAround;
}

/** A passage with what stands before and after it. */
interface PassageAround {
  readonly before: string;
  readonly text: string;
  readonly after: string;
}

/** So much of a passage is shown, and of what stands around it, in UTF-16 units. */
const MOST_SHOWN = 600;
const AROUND = 60;

/** Which passages of a post stand in other texts too, the most words first; texts that share none are left out. */
export function compareOwnWords({ body, given, others, most }: Comparing): readonly AlikeWith[] {
  const document = openDocument(JSON.parse(body));
  const text = plainText(document);
  return others
    .map((other): AlikeWith => {
      const theirs = openDocument(JSON.parse(other.body));
      const theirText = plainText(theirs);
      const shared = sharedPassages(document, theirs, given);
      return {
        id: other.id,
        words: shared.reduce((sum, { words }) => sum + words, 0),
        passages: shared.slice(0, most).map(({ here, there }) => {
          const place = passageAt(document, here);
          return {
            ...place,
            here: shownOf(text.slice(place.from, place.to)),
            there: around(theirText, passageAt(theirs, there)),
          };
        }),
      };
    })
    .filter(({ words }) => words > 0)
    .sort((one, two) => two.words - one.words);
}

function around(text: string, { from, to }: Passage): PassageAround {
  const lineBefore = text.lastIndexOf('\n', from - 1) + 1;
  const lineAfter = text.indexOf('\n', to);
  return {
    before: wholeWords(text.slice(Math.max(lineBefore, from - AROUND), from), from - AROUND > lineBefore),
    text: shownOf(text.slice(from, to)),
    after: text.slice(to, Math.min(lineAfter < 0 ? text.length : lineAfter, to + AROUND)),
  };
}

/** Without the rest of a word that it begins in the middle of. */
function wholeWords(text: string, isCut: boolean): string {
  return isCut ? `… ${text.replace(/^\S*\s/u, '')}` : text;
}

function shownOf(text: string): string {
  return text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)} …` : text;
}
