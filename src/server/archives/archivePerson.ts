import { strToU8, zipSync, type Zippable } from 'fflate';
import { may } from '../../core/access/may';
import { openDocument } from '../../core/document/openDocument';
import { pictures } from '../../core/document/pictures';
import { addressFrom } from '../../core/posts/address';
import { escapeHtml, writeHtml } from '../../core/document/html/writeHtml';
import { writeAuditLine } from '../access/auditLog';
import { findActor } from '../access/roles';
import { findAssignment } from '../assignments/queries';
import { listClassesEverOf, type ClassRow } from '../classes/queries';
import { listConsentsOf } from '../consents/queries';
import { database } from '../database/database';
import { findPerson } from '../people/queries';
import { findMembership } from '../people/rosterQueries';
import { findPicture } from '../pictures/queries';
import { findRevision, listHandIns, listPostsOf, type PostRow, type Writing } from '../posts/queries';
import { findPublication } from '../publications/queries';
import { findGrade, listNotes } from '../reviews/queries';
import { maybeReadPicture } from '../storage/pictureFiles';

/** An archive as a file. */
export interface Archive {
  readonly name: string;
  readonly content: Uint8Array;
}

interface Asker {
  readonly personId: string;
  readonly now: Date;
}

/**
 * Everything that is kept of one person as a ZIP file: who they are, consents, each post with its hand-ins, notes and the
 * grade that was given back, and their pictures. A person takes all of it along, drafts too; a teacher gets what belongs
 * to the classes they run, and no draft that only its writer may read. Null for everybody else.
 */
export async function maybeArchive(personId: string, { personId: by, now }: Asker): Promise<Archive | null> {
  const person = await findPerson(database, personId);
  if (!person) return null;
  const own = personId === by;
  const classes: ClassRow[] = [];
  for (const inClass of await listClassesEverOf(database, personId))
    if (own || may(await findActor(database, inClass.id, by), 'roster.change', {})) classes.push(inClass);
  if (!own && classes.length === 0) return null;
  const files: Zippable = {};
  const { givenName, familyName, penName, email } = person;
  files['person.json'] = json({
    givenName,
    familyName,
    penName,
    email,
    classes: await Promise.all(classes.map((inClass) => placeIn(inClass, personId))),
    consents: await listConsentsOf(database, personId),
  });
  for (const inClass of classes)
    for (const post of await listPostsOf(database, inClass.id, personId))
      await addPost(files, { post, inClass, withDraft: own });
  for (const { id } of classes)
    await writeAuditLine(database, {
      useCase: 'archivePerson',
      found: { classId: id, subjectId: personId },
      personId: by,
      now,
    });
  return { name: `${addressFrom(`${givenName} ${familyName}`)}.zip`, content: zipSync(files) };
}

async function placeIn({ id, title, groupName, schoolName }: ClassRow, personId: string) {
  return { title, groupName, schoolName, ...(await findMembership(database, id, personId)) };
}

interface Adding {
  readonly post: PostRow;
  readonly inClass: ClassRow;
  readonly withDraft: boolean;
}

async function addPost(files: Zippable, { post, inClass, withDraft }: Adding): Promise<void> {
  const assignment = await findAssignment(database, post.assignmentId);
  const folder = `${addressFrom(`${inClass.title} ${inClass.groupName}`)}/${addressFrom(`${assignment?.number ?? ''} ${assignment?.title ?? ''}`)}`;
  const grade = await findGrade(database, post.id);
  const handIns = await listHandIns(database, post.id);
  if (withDraft) await addWriting(files, folder, 'draft', post);
  for (const handIn of handIns) {
    // What was taken back belongs to its writer alone again.
    if (handIn.takenBackAt && !withDraft) continue;
    const revision = await findRevision(database, handIn.revisionId);
    if (revision) await addWriting(files, folder, `hand-in-${handIn.ordinal}`, revision);
  }
  files[`${folder}/post.json`] = json({
    assignment: assignment && { number: assignment.number, title: assignment.title },
    stage: post.stage,
    begunAt: post.begunAt,
    savedAt: post.savedAt,
    readers: (await findPublication(database, post.id))?.audience ?? 'writerAndTeachers',
    handIns: handIns.map(({ ordinal, receipt, handedInAt, takenBackAt, words, evidence }) => ({
      ordinal,
      receipt,
      handedInAt,
      takenBackAt,
      words,
      evidence,
    })),
    notes: (await listNotes(database, post.id)).map((note) => ({
      author: `${note.givenName} ${note.familyName}`.trim(),
      text: note.text,
      createdAt: note.createdAt,
    })),
    grade: grade?.givenBackAt ? { givenBackAt: grade.givenBackAt, ...grade.givenBack } : null,
  });
}

async function addWriting(files: Zippable, folder: string, name: string, writing: Writing): Promise<void> {
  const body = openDocument(JSON.parse(writing.body));
  for (const { src } of pictures(body)) await addPicture(files, folder, src);
  const html = writeHtml(body, { pictureAddress: (src) => ({ src: `pictures/${src}.webp` }) });
  const title = escapeHtml(writing.title);
  files[`${folder}/${name}.html`] = strToU8(
    `<!doctype html>\n<html>\n<meta charset="utf-8">\n<title>${title}</title>\n<h1>${title}</h1>\n<p>${writing.labels.map(escapeHtml).join(', ')}</p>\n${html}\n</html>\n`,
  );
}

async function addPicture(files: Zippable, folder: string, src: string): Promise<void> {
  const place = `${folder}/pictures/${src}.webp`;
  if (place in files) return;
  const picture = await findPicture(database, src);
  const file = picture && (await maybeReadPicture(picture.contentHash, 1600));
  // Pictures are packed already.
  if (file) files[place] = [new Uint8Array(file), { level: 0 }];
}

function json(value: unknown): Uint8Array {
  return strToU8(`${JSON.stringify(value, null, 2)}\n`);
}
