import { isStudent, may } from '../../../core/access/may';
import { nameInClass } from '../../../core/people/names';
import { addressFrom } from '../../../core/posts/address';
import { exportRoster } from '../../../core/roster/exportRoster';
import { folderOf } from '../../../core/classes/folderOf';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { listAssignments } from '../../tables/assignments';
import { findClass, type ClassRow } from '../../tables/classes';
import { listEverMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listLabelSet } from '../../tables/labels';
import { listShownPages } from '../../tables/pageRevisions';
import { listRoster } from '../../tables/roster';
import { listPostsOf } from '../../tables/postsOfClass';
import { updateArchived } from '../classes/deletionQueries';
import { addPage, addPost, json } from './addPost';
import type { Archive } from './archivePerson';
import { zipStream } from './zipStream';

interface Asker {
  readonly personId: string;
  readonly now: Date;
}

/**
 * A class as a ZIP file: settings, roster, assignments, the pages that were shown, and every student's hand-ins with notes and grades. Drafts are
 * their writers' alone and are not in it. Null for everybody but the teachers of the class.
 */
export async function maybeClassArchive(classId: string, { personId, now }: Asker): Promise<Archive | null> {
  const inClass = await findClass(database, classId);
  if (!inClass || !may(await findActor(database, classId, personId), 'class.guard', {})) return null;
  const found = { classId, subjectId: classId };
  await writeAuditLine(database, { useCase: 'archiveClass', found, personId, now });
  const content = zipStream(async (zip) => {
    await zip.add('class.json', json(await settingsOf(inClass, now)));
    await zip.add('roster.csv', await rosterCsv(classId));
    for (const page of await listShownPages(database, classId)) await addPage(zip, page);
    for (const member of await listEverMembers(database, classId)) {
      if (!isStudent(member.role)) continue;
      // Two may have the same name: the end of the id tells their folders apart.
      const under = `${addressFrom(nameInClass(member))}-${member.personId.slice(-4)}`;
      for (const post of await listPostsOf(database, classId, member.personId))
        await addPost(zip, { post, under, withDraft: false, by: personId, now });
    }
    // A class is deleted only when all of it was taken along.
    await updateArchived(database, classId, now);
  });
  return { name: `${folderOf(inClass)}.zip`, content };
}

/** The roster of a class as CSV, for its teachers; null for everybody else. */
export async function maybeRosterCsv(classId: string, personId: string): Promise<Archive | null> {
  const inClass = await findClass(database, classId);
  if (!inClass || !may(await findActor(database, classId, personId), 'roster.read', {})) return null;
  return { name: `${folderOf(inClass)}.csv`, content: await rosterCsv(classId) };
}

async function rosterCsv(classId: string): Promise<string> {
  const rows = (await listRoster(database, classId)).filter((row) => row.leftAt === null);
  return exportRoster(
    rows.map(({ givenName, familyName, schoolId, email, groupName, penName }) => ({
      givenName,
      familyName,
      id: schoolId,
      email,
      group: groupName,
      penName,
    })),
  );
}

async function settingsOf(inClass: ClassRow, now: Date) {
  const { title, groupName, subtitle, schoolName, address, timeZone, language, year } = inClass;
  const { ceiling, namingRule, look, banner, lettering } = inClass;
  return {
    ...{ title, groupName, subtitle, schoolName, address, timeZone, language, year },
    ...{ ceiling, namingRule, look, banner, lettering },
    words: inClass.words,
    labels: await listLabelSet(database, inClass.id),
    assignments: (await listAssignments(database, inClass.id, now)).map((one) => ({
      number: one.number,
      title: one.title,
      instructions: one.instructions,
      starters: one.starters,
      outline: one.outline,
      dueAt: one.dueAt,
      requirements: one.requirements,
      rubric: one.rubric,
      lateRule: one.lateRule,
    })),
  };
}
