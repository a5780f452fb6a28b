import { isWithin, placesOf, type Looked, type Place } from '../found';

const HOST = String.raw`[\p{L}\p{N}](?:[\p{L}\p{N}-]{0,61}[\p{L}\p{N}])?`;
const NAME = String.raw`[\p{L}\p{N}](?:[\p{L}\p{N}._%+-]{0,62}[\p{L}\p{N}_])?`;
const PLAIN = new RegExp(String.raw`${NAME}@${HOST}(?:\.${HOST})+`, 'giu');
/** Spaced on both sides: "name @ host . org". */
const SPACED = new RegExp(
  String.raw`${NAME}(?: @ |@ )${HOST}(?:(?: \. |\.)${HOST})*(?: \. |\.)[a-z]{2,}(?![\p{L}\p{N}])`,
  'gu',
);
const AT = String.raw`(?:\s*[\[({]\s*(?:at|ät|@|a|arobase|arroba)\s*[\])}]\s*|\s+(?:at|ät|arobase|arroba)\s+)`;
const DOT = String.raw`(?:\s*[\[({]\s*(?:dot|punkt|point|punto|\.)\s*[\])}]\s*|\s+(?:dot|punkt|point|punto)\s+|\.)`;
/** Said: "name at host dot org", in brackets too. */
const SAID = new RegExp(String.raw`${NAME}${AT}${HOST}(?:${DOT}${HOST})*${DOT}\p{L}{2,}`, 'giu');
/** A dot has to be said or bracketed where the other sign is a plain word: "at home.Then" is no address. */
const SAYS_DOT = /\b(?:dot|punkt|point|punto)\b|[[({]\s*\.\s*[\])}]/iu;
const BRACKETED = /[[({]\s*(?:at|ät|@|a|arobase|arroba)\s*[\])}]/iu;
const EXAMPLE = /(?:^|[@.])(?:example(?:\.(?:com|org|net|edu))?|(?:test|invalid|localhost))$/i;

/** E-mail addresses, spaced, bracketed or said in words too; those of the example domains stand in code for nobody. */
export function emails({ text, code }: Looked): readonly Place[] {
  const said = placesOf(text, SAID).filter(({ from, to }) => {
    const part = text.slice(from, to);
    return SAYS_DOT.test(part) || BRACKETED.test(part);
  });
  return [...placesOf(text, PLAIN), ...placesOf(text, SPACED), ...said].filter(
    (place) => !(isWithin(place, code) && EXAMPLE.test(text.slice(place.from, place.to))),
  );
}
