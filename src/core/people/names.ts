import { groupedBy } from '../groupedBy';
import { fold } from '../text/alike';

export interface PersonName {
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
}

/** How writers of a class appear outside it. */
export const NAMING_RULES = ['firstName', 'firstNameAndInitial', 'penName'] as const;
export type NamingRule = (typeof NAMING_RULES)[number];

/** First name and initial, as people of a class appear to each other: "Tomas B." */
export function nameInClass({ givenName, familyName }: PersonName): string {
  const initial = firstCharacter(familyName);
  return initial ? `${givenName} ${initial.toLocaleUpperCase()}.` : givenName;
}

/** So many letters of a family name tell two people apart, or none do. */
const MOST_LETTERS = 12;

/**
 * The names of people as their class tells them apart: first name and initial, as many more letters of the family name as two with
 * the same need, and a number where their names are the same altogether.
 */
export function namesInClass(
  people: readonly (PersonName & { readonly personId: string })[],
): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  for (const alike of groupedBy(people, (one) => fold(nameInClass(one))).values())
    tellApart(alike, 1, 1, names);
  return names;
}

type Named = PersonName & { readonly personId: string };

/**
 * Tells people apart who are alike with so many letters of their family names.
 * @param shown so many letters tell them apart from all others already
 */
function tellApart(
  alike: readonly Named[],
  letters: number,
  shown: number,
  names: Map<string, string>,
): void {
  if (alike.length === 1) return void names.set(alike[0]!.personId, nameWith(alike[0]!, shown));
  if (letters > MOST_LETTERS) {
    // The order never changes: ids are given once.
    const ordered = alike.toSorted((one, another) => (one.personId < another.personId ? -1 : 1));
    for (const [index, one] of ordered.entries())
      names.set(one.personId, nameWith(one, shown) + (index === 0 ? '' : ` (${index + 1})`));
    return;
  }
  const apart = groupedBy(alike, (one) => fold(lettersOf(one, letters + 1)));
  for (const group of apart.values())
    tellApart(group, letters + 1, apart.size === 1 ? shown : letters + 1, names);
}

function lettersOf({ familyName }: PersonName, letters: number): string {
  const name = familyName.trim();
  // Each letter of Latin is a character by itself, and finding out where others end takes long.
  if (ALL_PLAIN.test(name)) return name.slice(0, letters);
  return [...segmenter.segment(name)]
    .slice(0, letters)
    .map(({ segment }) => segment)
    .join('');
}

/** No mark that joins others is among these. */
const ALL_PLAIN = /^[\u0020-\u02ff]*$/u;

/** The first name with so many letters of the family name, whole where it has no more. */
function nameWith(person: PersonName, letters: number): string {
  if (letters === 1) return nameInClass(person);
  const begun = lettersOf(person, letters);
  if (begun === '') return person.givenName;
  return `${person.givenName} ${begun}${begun === person.familyName.trim() ? '' : '.'}`;
}

/** The name under which a post is read outside the class. */
export function nameOutside(name: PersonName, rule: NamingRule): string {
  if (rule === 'penName' && name.penName) return name.penName;
  return rule === 'firstNameAndInitial' ? nameInClass(name) : name.givenName;
}

/** The two letters that stand for a person in lists. */
export function monogram({ givenName, familyName }: PersonName): string {
  return (firstCharacter(givenName) + firstCharacter(familyName)).toLocaleUpperCase();
}

/** How children address a teacher: the family name, or the given one where there is none. */
export function teacherName({ givenName, familyName }: Pick<PersonName, 'givenName' | 'familyName'>): string {
  return familyName ? `${givenName} ${familyName}` : givenName;
}

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** Two letters before the first mark that joins others are two characters. */
const PLAIN = /^[\u0020-\u02ff]{1,2}/u;

function firstCharacter(untrimmed: string): string {
  const text = untrimmed.trim();
  // Finding out where a character ends takes long, and most names are written with letters of Latin.
  const [plain] = PLAIN.exec(text) ?? [];
  if (plain && (plain.length === 2 || text.length === 1)) return text.slice(0, 1);
  for (const { segment } of segmenter.segment(text)) return segment;
  return '';
}
