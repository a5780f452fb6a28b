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
export function teacherName({ givenName, familyName }: PersonName): string {
  return familyName ? `${givenName} ${familyName}` : givenName;
}

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });

function firstCharacter(text: string): string {
  for (const { segment } of segmenter.segment(text.trim())) return segment;
  return '';
}
