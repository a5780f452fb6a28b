import { comparableEmail } from '../../core/people/emailAddress';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { newId } from '../database/newId';
import { namesOf, planImport } from './planImport';
import { importFields, type ImportInput } from './previewImport';
import { lockDeleted, unhidePerson } from './deletion';
import { insertStudents, joinClass, type NewStudentRow } from './rosterQueries';
import { readSource } from './rosterSource';
import type { RosterRecord } from '../../core/roster/rosterRecord';

interface Imported {
  /** The people who were made, in the order of their rows. */
  readonly made: readonly string[];
  readonly joined: readonly string[];
}

/** How many people are made between two reports of progress. */
const BATCH = 500;

/**
 * Makes the people of a list or file and takes them into a class, all of them or none. The plan is made again here, so
 * whatever changed since the preview counts. Passcodes are made when cards are asked for.
 */
export const importPeople = classUseCase<ImportInput, Imported>({
  name: 'importPeople',
  action: 'roster.change',
  fields: importFields,
  async run({ classId, source, same, another }, _, { database, now, progress }) {
    const read = readSource(source);
    if (!read.ok) return read;
    const { rows } = await planImport(database, classId, read.value, { same, another });
    const made = rows.flatMap((row) => (row.outcome === 'made' ? [studentOf(row.record)] : []));
    const joins = rows.flatMap((row) => (row.outcome === 'joins' ? [row] : []));
    if (made.length + joins.length === 0) return refused('roster.nobody', 'source');
    for (let start = 0; start < made.length; start += BATCH) {
      await insertStudents(database, made.slice(start, start + BATCH), { classId, at: now });
      progress(Math.min(start + BATCH, made.length), made.length);
    }
    for (const { personId, record } of joins) {
      // Who was deleted and stands in the school's list again is brought back.
      const deleted = await lockDeleted(database, personId);
      if (deleted) await unhidePerson(database, { personId, deletedAt: deleted.deletedAt });
      await joinClass(database, { classId, personId, groupName: record.group, at: now });
    }
    return done({ made: made.map(({ id }) => id), joined: joins.map(({ personId }) => personId) });
  },
});

function studentOf(record: RosterRecord): NewStudentRow {
  const { givenName, familyName } = namesOf(record);
  return {
    id: newId(),
    givenName,
    familyName,
    penName: record.penName,
    schoolId: record.id,
    email: record.email === null ? null : comparableEmail(record.email),
    groupName: record.group,
  };
}
