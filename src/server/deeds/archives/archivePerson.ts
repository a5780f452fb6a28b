import type { HouseLanguage } from '../../../core/languages/languages';
import { may } from '../../../core/access/may';
import { writeHtml } from '../../../core/document/html/writeHtml';
import { addressFrom } from '../../../core/posts/address';
import { folderOf } from '../../../core/classes/folderOf';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { listWorriesOf } from '../../tables/cases';
import { listClassesEverOf, type ClassRow } from '../../tables/classes';
import { listCommentsBy } from '../../tables/comments';
import { listConsentsOf } from '../../tables/consents';
import { database } from '../../ground/database/database';
import { listPageWritingOf } from '../../tables/pages';
import { findPerson } from '../../tables/people';
import { findMembership } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { listPostsOf } from '../../tables/postsOfClass';
import { openStored } from '../../tables/columns';
import { readTold } from '../gradebook/readTold';
import { listAskedIn } from '../../tables/questions';
import { listSaidAsPeer } from '../../tables/peerReadings';
import { listAbsences } from '../../tables/absences';
import { listLinesAbout } from '../../tables/ownLines';
import { addPost, json, type PostAdded } from './addPost';
import { archivePage } from './archivePage';
import { zipStream } from './zipStream';

/** An archive as a file. */
export interface Archive {
  readonly name: string;
  readonly content: ReadableStream<Uint8Array> | string;
}

interface Asker {
  readonly personId: string;
  readonly now: Date;
  /** The language that the page in it is written in. */
  readonly language?: HouseLanguage;
}

/**
 * Everything that is kept of one person as a ZIP file: who they are, consents, comments, what they wrote in
 * pages, what they asked and were told of figures, each post with its hand-ins, notes and the grade that was given back, and their
 * pictures; for themselves what they told that worried them, too, and for them and who answers for the house what teachers noted about
 * them for themselves; `index.html` shows it as one page. A person takes all of it along, drafts and revisions
 * too, and so does an administrator for them; a teacher gets what belongs to the classes they run, and no draft that only its writer may
 * read; address and consents only of who is at home there. Null for everybody else.
 */
export async function maybeArchive(
  personId: string,
  { personId: by, now, language = 'en' }: Asker,
): Promise<Archive | null> {
  const person = await findPerson(database, personId);
  if (!person) return null;
  const whole = personId === by || may(await findActor(database, null, by), 'install.manage', {});
  const classes: ClassRow[] = [];
  for (const inClass of await listClassesEverOf(database, personId))
    if (whole || may(await findActor(database, inClass.id, by), 'roster.change', {})) classes.push(inClass);
  if (!whole && classes.length === 0) return null;
  const { givenName, familyName, penName } = person;
  const home = (await findStudentStanding(database, personId))?.homeClassId ?? null;
  const atHome = whole || home === null || classes.some(({ id }) => id === home);
  const about = {
    givenName,
    familyName,
    penName,
    language: person.language,
    ...(atHome ? { email: person.email, consents: await listConsentsOf(database, personId) } : {}),
    absences: (await listAbsences(database, personId)).map(({ from, to }) => ({ from, to })),
    classes: await Promise.all(classes.map((inClass) => placeIn(inClass, personId, { now, language }))),
    comments: (
      await Promise.all(
        classes.map(({ id: classId }) => listCommentsBy(database, { authorId: personId, classId })),
      )
    ).flat(),
    pages: (
      await Promise.all(classes.map(({ id: classId }) => listPageWritingOf(database, { personId, classId })))
    )
      .flat()
      .map((page) => ({ ...page, body: writeHtml(openStored(page.body)) })),
  };
  // A teacher's own lines are handed out to whom they are about, and to who answers for the house; no colleague reads them.
  const lines = whole ? await listLinesAbout(database, personId) : [];
  // What somebody told that worried them is taken along by nobody but themselves.
  const told = personId === by ? await listWorriesOf(database, personId) : [];
  for (const { id } of classes)
    await writeAuditLine(database, {
      useCase: 'archivePerson',
      found: { classId: id, subjectId: personId },
      personId: by,
      now,
    });
  const content = zipStream(async (zip) => {
    await zip.add(
      'person.json',
      json({ ...about, ...(told.length > 0 ? { told } : {}), ...(lines.length > 0 ? { lines } : {}) }),
    );
    const posts: PostAdded[] = [];
    for (const inClass of classes)
      for (const post of await listPostsOf(database, inClass.id, personId))
        posts.push(await addPost(zip, { post, under: folderOf(inClass), withDraft: whole, by, now }));
    const place = { language, timeZone: classes[0]?.timeZone ?? 'UTC' };
    await zip.add('index.html', archivePage({ ...about, posts }, place, now));
  });
  return { name: `${addressFrom(`${givenName} ${familyName}`)}.zip`, content };
}

async function placeIn(inClass: ClassRow, personId: string, { now, language }: Around) {
  const { id, title, groupName, schoolName } = inClass;
  const asked = { inClass, personIds: [personId], now, language };
  return {
    ...{ title, groupName, schoolName, ...(await findMembership(database, id, personId)) },
    questions: await listAskedIn(database, id, personId),
    saidToClassmates: await listSaidAsPeer(database, id, personId),
    // What was given back, and nothing else.
    figures: (await readTold(database, asked)).inTerms(personId),
  };
}

type Around = Required<Pick<Asker, 'now' | 'language'>>;
