import { perform } from '../server/ground/access/perform';
import { makeClass } from '../server/deeds/classes/makeClass';
import { database, inTransaction } from '../server/ground/database/database';
import { newId } from '../server/ground/database/newId';
import { importPeople } from '../server/deeds/people/importPeople';
import { insertPerson } from '../server/tables/people';
import { measurement, medianTime, type Measurement } from './measure';

const PEOPLE = 5000;
const TURNS = 3;

/** `import-5000`: a CSV of 5,000 people read, planned and made, against plain inserts of the same rows by the same driver. */
export async function benchRoster(): Promise<readonly Measurement[]> {
  const now = new Date();
  const personId = await insertTeacher(now);
  const classOf = async () => {
    const input = { title: 'Bench', groupName: '', timeZone: 'UTC', language: 'en' };
    const made = await perform(makeClass, input, { personId, now });
    if (!made.ok) throw new Error(made.code);
    return made.value.classId;
  };
  const imported = await medianTime(TURNS, async (turn) => {
    const file = Buffer.from(csv(`imported-${turn}`)).toString('base64');
    const input = { classId: await classOf(), source: { kind: 'csv', file }, same: [], another: [] };
    const result = await perform(importPeople, input, { personId, now });
    if (!result.ok || result.value.made.length !== PEOPLE)
      throw new Error('the import did not make everybody');
  });
  const plain = await medianTime(TURNS, async (turn) => {
    const classId = await classOf();
    await inTransaction(async (transaction) => {
      for (let index = 0; index < PEOPLE; index += 1) {
        const id = newId();
        await transaction.change(
          `INSERT INTO people (id, given_name, family_name, pen_name, school_id, email, created_at)
           VALUES (:id, :givenName, :familyName, NULL, :schoolId, :email, :now)`,
          { id, ...rowOf(`plain-${turn}`, index), now },
        );
        await transaction.change(
          `INSERT INTO memberships (class_id, person_id, role, joined_at, group_in_class)
           VALUES (:classId, :id, 'student', :now, NULL)`,
          { classId, id, now },
        );
      }
    });
  });
  return [measurement('import-5000', imported, plain)];
}

function rowOf(run: string, index: number) {
  return {
    givenName: `Given${index}`,
    familyName: `Family${index}`,
    schoolId: `${run}-${index}`,
    email: `${run}.${index}@example.org`,
  };
}

function csv(run: string): string {
  const lines = Array.from({ length: PEOPLE }, (_, index) => {
    const { givenName, familyName, schoolId, email } = rowOf(run, index);
    return [givenName, familyName, schoolId, email].join(',');
  });
  return ['given name,family name,id,email', ...lines].join('\n');
}

async function insertTeacher(now: Date): Promise<string> {
  const id = newId();
  await insertPerson(database, {
    id,
    givenName: 'Bench',
    familyName: '',
    account: 'teacher',
    createdAt: now,
  });
  return id;
}
