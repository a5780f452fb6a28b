/** A question that can be found again. */
export interface AskedBefore {
  readonly id: string;
  readonly words: string;
}

/** Words shorter than that say little of what is asked. */
const SHORTEST = 3;
/** So much of what is typed, by weight, has to be in a question to be like it. */
const ENOUGH = 0.5;
/** What a word counts that stands in no question: people say one thing in many ways. */
const UNKNOWN = 0.2;

const segmenters = new Map<string, Intl.Segmenter>();

/** The words of a text that say what it is about, each once, in small letters. @param locale BCP 47 */
function wordsOf(text: string, locale: string): ReadonlySet<string> {
  let segmenter = segmenters.get(locale);
  if (!segmenter) segmenters.set(locale, (segmenter = new Intl.Segmenter(locale, { granularity: 'word' })));
  const words = new Set<string>();
  for (const { segment, isWordLike } of segmenter.segment(text.toLocaleLowerCase(locale)))
    if (isWordLike && segment.length >= SHORTEST) words.add(segment);
  return words;
}

/** Whether two words are the same or one begins as the other, so that an ending makes no other word: `cloud`, `clouds`. */
function alike(one: string, another: string): boolean {
  const [short, long] = one.length <= another.length ? [one, another] : [another, one];
  return (
    short === long || (short.length > SHORTEST && long.startsWith(short) && long.length - short.length <= 3)
  );
}

/** Finds the questions that are like one that is typed, the likest first; `most` at most. */
type QuestionFinder<Known extends AskedBefore> = (typed: string, most: number) => readonly Known[];

/**
 * Looks through some questions once, to find what is like another one among them. A word counts the more the fewer questions it stands
 * in (inverse document frequency), so that "may", "how" and the subject of all of them decide nothing.
 * @param locale BCP 47 of the class
 */
export function questionFinder<Known extends AskedBefore>(
  known: readonly Known[],
  locale: string,
): QuestionFinder<Known> {
  const texts = known.map((question, at) => ({ question, at, words: [...wordsOf(question.words, locale)] }));
  return (typed, most) => {
    const wanted = [...wordsOf(typed, locale)];
    const holding = wanted.map(
      (word) => new Set(texts.filter(({ words }) => words.some((one) => alike(one, word)))),
    );
    const weights = holding.map(({ size }) =>
      size === 0 ? UNKNOWN : Math.log(1 + (texts.length + 1) / (size + 1)),
    );
    const all = weights.reduce((sum, weight) => sum + weight, 0);
    if (all === 0) return [];
    return texts
      .map((text) => ({
        ...text,
        share: weights.reduce((sum, weight, at) => sum + (holding[at]!.has(text) ? weight : 0), 0) / all,
      }))
      .filter(({ share }) => share >= ENOUGH)
      .toSorted((one, another) => another.share - one.share || one.at - another.at)
      .slice(0, most)
      .map(({ question }) => question);
  };
}
