import { findsLonger, placedWords, searchForms } from './words';

/** So many words of what is typed are looked for; more find nothing that these do not. */
export const MOST_WORDS = 8;
/** So much of what is typed is read. */
const MOST_TYPED = 400;

/** What a word of a text has to be: this word, or one that begins with it. */
interface Term {
  readonly form: string;
  readonly longer: boolean;
}

/** A word that is looked for: one of these is found for it. */
export interface AskedWord {
  readonly typed: string;
  readonly terms: readonly Term[];
  /** Whether it is found as the end of a compound too. */
  readonly inCompounds: boolean;
}

/** What somebody looks for. */
export interface Asked {
  readonly words: readonly AskedWord[];
  /** Whether words were left out because there were too many. */
  readonly tooMany: boolean;
}

/** How a word ends that has more than one form, by the language: what stands for the ending, nothing mostly. */
const ENDINGS: Readonly<Record<string, readonly (readonly [RegExp, string])[]>> = {
  en: [
    [/ies$/, 'y'],
    [/(?<=[sxz]|ch|sh)es$/, ''],
    [/(?<!s)s$/, ''],
  ],
  de: [[/(?:ern|en|er|es|em|n|e|s)$/, '']],
  fr: [
    [/(?<=e)aux$/, 'au'],
    [/aux$/, 'al'],
    [/(?:x|s)$/, ''],
  ],
  es: [
    [/(?<=[^aeiou])es$/, ''],
    [/s$/, ''],
  ],
};

/**
 * The words that are looked for in what somebody typed; whatever is neither letter nor digit says nothing. Each is found as it stands,
 * as the beginning of a longer word, and in another form that its language may give it.
 * @param language of the class, as a tag
 * @param exactly only as they stand, accents apart
 */
export function askedWords(typed: string, language: string, exactly = false): Asked {
  const all = [
    ...new Map(
      placedWords(typed.slice(0, MOST_TYPED)).map((word) => [searchForms(word.typed)[0], word]),
    ).values(),
  ];
  const telling = all.filter((word) => tells(word.typed));
  const words = telling.length > 0 ? telling : all;
  return {
    words: words.slice(0, MOST_WORDS).map((word) => asAsked(word.typed, language, exactly)),
    tooMany: words.length > MOST_WORDS || typed.length > MOST_TYPED,
  };
}

/** Single letters say little beside whole words: "don’t", "l’eau". */
function tells(word: string): boolean {
  return word.length > 1 || /\p{N}/u.test(word) || findsLonger(word);
}

function asAsked(typed: string, language: string, exactly: boolean): AskedWord {
  const forms = searchForms(typed);
  if (exactly) return { typed, terms: forms.map((form) => ({ form, longer: false })), inCompounds: false };
  const near = [...new Set(forms.flatMap((form) => stemOf(form, language) ?? []))];
  const terms = [
    ...forms.map((form) => ({ form, longer: findsLonger(form) })),
    ...near.map((form) => ({ form, longer: form.length > 3 })),
  ];
  return { typed, terms, inCompounds: true };
}

function stemOf(form: string, language: string): string | null {
  const [tongue = ''] = language.toLowerCase().split('-');
  const ending = (ENDINGS[tongue] ?? []).find(([one]) => one.test(form));
  const stem = ending ? form.replace(...ending) : form;
  return stem !== form && stem.length >= 3 ? stem : null;
}

/** Whether a word is one that is looked for. @param forms as `searchForms` @param parts of a compound, in the same forms */
export function isAsked(
  { terms, inCompounds }: AskedWord,
  forms: readonly string[],
  parts: readonly string[],
): boolean {
  const candidates = inCompounds ? [...forms, ...parts] : forms;
  return terms.some(({ form, longer }) =>
    candidates.some((one) => (longer ? one.startsWith(form) : one === form)),
  );
}
