/**
 * The languages that the house speaks: each has a catalogue of messages. With each stands the tag (BCP 47) by which days, hours and
 * numbers are said where no class asks for a closer one.
 */
export const HOUSE_LANGUAGES = { en: 'en-GB', de: 'de' } as const;

export type HouseLanguage = keyof typeof HOUSE_LANGUAGES;

/** The house's language of a tag such as `de-AT`, or null for a language that it doesn't speak. */
export function houseLanguage(tag: string): HouseLanguage | null {
  const spoken = tag.toLowerCase().split('-')[0] ?? '';
  return Object.hasOwn(HOUSE_LANGUAGES, spoken) ? (spoken as HouseLanguage) : null;
}

/** The language that somebody is spoken to: what they chose, or else their class's, or else English. */
export function languageOf(chosen: HouseLanguage | null, classTag: string | null): HouseLanguage {
  return chosen ?? houseLanguage(classTag ?? '') ?? 'en';
}

/**
 * The tag in which somebody is spoken to: the language that they chose, or else their class's, in the class's own regional form where
 * that is the same language. English where neither is known or spoken here.
 * @param classTag the language of a class, or null outside of any
 */
export function spokenTag(chosen: HouseLanguage | null, classTag: string | null): string {
  const language = languageOf(chosen, classTag);
  return classTag !== null && houseLanguage(classTag) === language ? classTag : HOUSE_LANGUAGES[language];
}

/** Where and in which language, as a tag, days and hours are said. */
export interface Place {
  readonly timeZone: string;
  readonly language: string;
}

/** Where and how things of a class are said: in its time zone, as the class speaks or to somebody who chose this language. */
export function placeOf({ timeZone, language }: Place, chosen: HouseLanguage | null = null): Place {
  return { timeZone, language: spokenTag(chosen, language) };
}

/**
 * The first language of the house that a browser asks for, or null.
 * @param accepted an Accept-Language header (RFC 9110, 12.5.4); what cannot be read in it is passed over
 */
export function acceptedLanguage(accepted: string): HouseLanguage | null {
  const ranges = accepted.split(',', 20).map((range) => {
    const [tag = '', ...parameters] = range.trim().split(';');
    const quality = parameters.map((one) => /^\s*q=([01](?:\.\d{0,3})?)\s*$/i.exec(one)?.[1]).find(Boolean);
    return { language: houseLanguage(tag.trim()), quality: Number(quality ?? 1) };
  });
  return (
    ranges
      .filter((range) => range.language !== null && range.quality > 0)
      .sort((one, another) => another.quality - one.quality)[0]?.language ?? null
  );
}

/** Languages written from right to left, and scripts that are, where a tag names its script. */
const RIGHT_TO_LEFT =
  /^(?:ar|arc|ckb|dv|fa|he|ks|nqo|ps|sd|ug|ur|yi)(?:-|$)|-(?:Adlm|Arab|Hebr|Nkoo|Rohg|Syrc|Thaa)(?:-|$)/i;

/** The direction in which a language is written. */
export function directionOf(tag: string): 'ltr' | 'rtl' {
  return RIGHT_TO_LEFT.test(tag) && !/-Latn(?:-|$)/i.test(tag) ? 'rtl' : 'ltr';
}
