import { partsOfName, placesOf, type KnownPerson, type Looked, type Place } from '../found';

const TITLES =
  'mr|mrs|ms|miss|mx|dr|sir|herr|frau|hr|fr|monsieur|madame|mademoiselle|m|mme|mlle|senor|senora|senorita|sr|sra|srta|don|dona';

/** Whole names of people on the roster, and family names after a title. A given name alone is none, nor is what the class calls them. */
export function fullNames({ text, folded, people }: Looked): readonly Place[] {
  return people.flatMap((person) => {
    // Most of a class is not named: what no family name stands in is not looked through for it.
    if (!partsOfName(person.familyName).every((part) => folded.includes(part))) return [];
    const [given, family] = [person.givenName, person.familyName].map(asPattern);
    if (!given || !family) return [];
    const forward = placesOf(folded, whole(String.raw`${given}(?:\s+\p{L}\.?)?\s+${family}`));
    // "in the marsh Mara found": an ordinary word before a given name is no family name.
    const backward = placesOf(folded, whole(String.raw`${family}(?:,\s*|\s+)${given}`)).filter((place) =>
      isCapital(text, place, person),
    );
    const titled = placesOf(folded, whole(String.raw`(?:${TITLES})\.?\s+${family}`));
    return [...forward, ...backward, ...titled];
  });
}

function whole(pattern: string): RegExp {
  return new RegExp(String.raw`(?<![\p{L}\p{N}])${pattern}(?![\p{L}\p{N}])`, 'gu');
}

function asPattern(name: string): string {
  return partsOfName(name)
    .map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`))
    .join(String.raw`[\s-]+`);
}

function isCapital(text: string, { from, to }: Place, { givenName }: KnownPerson): boolean {
  const given = text.slice(to - givenName.trim().length, to);
  return /^\p{Lu}/u.test(text.slice(from, to)) && /^\p{Lu}/u.test(given);
}
