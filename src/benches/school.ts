import { makeClass } from '../server/deeds/classes/makeClass';
import { perform } from '../server/ground/access/perform';
import { database } from '../server/ground/database/database';
import { newId } from '../server/ground/database/newId';
import { insertPerson } from '../server/tables/people';

/** Words of a text. */
const WORDS = 250;
/** Different words; the most frequent ones far more often than the others, as in any language. */
const VOCABULARY = 4000;

export interface BenchClass {
  readonly id: string;
  readonly students: readonly string[];
}

/** So many teachers with so many classes each, and so many students in each class. */
export async function makeSchool({
  teachers,
  classesEach,
  students,
}: {
  readonly teachers: number;
  readonly classesEach: number;
  readonly students: number;
}): Promise<readonly BenchClass[]> {
  const now = new Date();
  const person = async (account: 'teacher' | null) => {
    const id = newId();
    await insertPerson(database, { id, givenName: 'Bench', familyName: id, account, createdAt: now });
    return id;
  };
  const classes: BenchClass[] = [];
  for (let teacher = 0; teacher < teachers; teacher += 1) {
    const personId = await person('teacher');
    for (let each = 0; each < classesEach; each += 1) {
      const input = { title: 'Bench', groupName: '', timeZone: 'UTC', language: 'en' };
      const made = await perform(makeClass, input, { personId, now });
      if (!made.ok) throw new Error(made.code);
      const ids: string[] = [];
      for (let student = 0; student < students; student += 1) ids.push(await person(null));
      classes.push({ id: made.value.classId, students: ids });
    }
  }
  return classes;
}

/** Words as they come in a language: few of them often, most of them seldom; the same for the same number. */
export function wordsLike(number: number): string {
  let state = (number + 2) * 2_654_435_761;
  return Array.from({ length: WORDS }, () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return `w${Math.floor(VOCABULARY ** (state / 2 ** 32))}`;
  }).join(' ');
}
