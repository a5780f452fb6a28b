import type { Asked } from './asked';
import { compoundParts, type Knows } from './compounds';
import { placedWords, searchForms } from './words';

/**
 * The number of what is made here. Whoever changes what stands for the same text gives it the next one: what has another number is
 * made again.
 */
export const INDEXED = 1;

/** The different words of a text, in all their forms. */
export interface WordsFound {
  readonly forms: readonly string[];
  /** What its compounds end with, in all forms, by the compound's own first form. */
  readonly parts: Readonly<Record<string, readonly string[]>>;
}

/** Reads the words of a text for the search. @param knows null where there is no dictionary of its language */
export function wordsOfText(text: string, knows: Knows | null): WordsFound {
  const forms = new Set<string>();
  const parts: Record<string, readonly string[]> = Object.create(null) as Record<string, readonly string[]>;
  const read = new Set<string>();
  let apart = 0;
  for (const { typed } of placedWords(text)) {
    if (read.has(typed)) continue;
    read.add(typed);
    const mine = searchForms(typed);
    for (const form of mine) forms.add(form);
    const [first = ''] = mine;
    if (!knows || parts[first] || typed.length > LONGEST_COMPOUND || apart >= MOST_APART) continue;
    apart += 1;
    const ends = compoundParts(typed, knows).flatMap(searchForms);
    if (ends.length > 0) parts[first] = [...new Set(ends)];
  }
  return { forms: [...forms], parts };
}

/** A longer word is no compound that anybody looks for. */
const LONGEST_COMPOUND = 40;
/** So many different words of a text are taken apart: each is asked of the dictionary many times. */
const MOST_APART = 5000;

/**
 * The terms under which a text is found: each word with the number of its class before it, so that one class's words are never walked
 * through for another's. In the database's full text each is one word: letters of ASCII, digits and underscores, never a stop word.
 */
export function termsOf({ forms, parts }: WordsFound, classNumber: number): string {
  const ends = new Set(Object.values(parts).flat());
  return [
    ...forms.map((form) => term('k', classNumber, form)),
    ...Array.from(ends, (form) => term('p', classNumber, form)),
  ].join(' ');
}

/** What is asked as the database's full text takes it in boolean mode; '' for nothing. All words must be there. */
export function expressionOf({ words }: Asked, classNumber: number): string {
  return words
    .map(({ terms, inCompounds }) => {
      const ways = terms.flatMap(({ form, longer }) =>
        (inCompounds ? (['k', 'p'] as const) : (['k'] as const)).map(
          (kind) => `${term(kind, classNumber, form)}${longer ? '*' : ''}`,
        ),
      );
      return `+(${ways.join(' ')})`;
    })
    .join(' ');
}

/** MariaDB's full text takes words of 84 characters; longer ones are found by their beginning. */
const LONGEST = 70;

function term(kind: 'k' | 'p', classNumber: number, form: string): string {
  let written = '';
  for (const letter of form) {
    const next = /[a-z0-9]/.test(letter)
      ? letter
      : `_${(letter.codePointAt(0) ?? 0).toString(36).padStart(4, '0')}`;
    if (written.length + next.length > LONGEST) break;
    written += next;
  }
  return `${kind}${classNumber}_${written}`;
}
