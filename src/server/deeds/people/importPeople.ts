import { importPeople as deed } from '../../../contract/people/importPeople';
import { comparableEmail } from '../../../core/people/emailAddress';
import type { RosterRecord } from '../../../core/roster/rosterRecord';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { takeInstallTurn } from '../../ground/database/turns';
import { insertStudents, type NewStudentRow } from '../../tables/roster';
import { listClassesRunBy } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { namesOf, planImport } from './planImport';
import { readSource } from './rosterSource';
import { takeIn } from './takeIn';

/** How many people are made between two reports of progress. */
const BATCH = 500;

export const importPeople = classUseCase(deed, {
  // Sent twice at once, a list makes its people once.
  turn: true,
  prepare: ({ source }, _, { personId }) => readSource(source, personId),
  async run({ classId, same, another }, _, { database, personId: by, now, progress }, read) {
    await takeInstallTurn(database, 'people');
    const { rows } = await planImport(database, classId, read, { same, another, by });
    const made = rows.flatMap((row) => (row.outcome === 'made' ? [studentOf(row.record)] : []));
    const known = rows.flatMap((row) => (row.outcome === 'joins' || row.outcome === 'asks' ? [row] : []));
    if (made.length + known.length === 0) return refused('roster.nobody', 'source');
    for (let start = 0; start < made.length; start += BATCH) {
      await insertStudents(database, made.slice(start, start + BATCH), { classId, at: now });
      progress(Math.min(start + BATCH, made.length), made.length);
    }
    const runs = await listClassesRunBy(database, by);
    const taken = { joins: [] as string[], asks: [] as string[] };
    for (const { personId, record } of known) {
      const wanted = { classId, personId, groupName: record.group, by, runs, at: now };
      const taking = await takeIn(database, wanted);
      if (taking && taking.kind !== 'refused') taken[taking.kind].push(personId);
    }
    return done({ made: made.map(({ id }) => id), joined: taken.joins, asked: taken.asks });
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
