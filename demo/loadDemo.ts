import { readMarkdown } from '../src/core/document/readMarkdown';
import { escapeHtml } from '../src/core/document/html/writeHtml';
import { addDays, instantOf, localDate } from '../src/core/timing/zonedTime';
import { perform } from '../src/server/ground/access/perform';
import { changeAssignment } from '../src/server/deeds/assignments/changeAssignment';
import { makeAssignment } from '../src/server/deeds/assignments/makeAssignment';
import { setAssignment } from '../src/server/deeds/assignments/setAssignment';
import { changePrivacy } from '../src/server/deeds/classes/changePrivacy';
import { noteAbsence } from '../src/server/deeds/people/noteAbsence';
import { recordConsent } from '../src/server/deeds/consents/recordConsent';
import { database, inTransaction, type Database } from '../src/server/ground/database/database';
import { newId } from '../src/server/ground/database/newId';
import { closeWork } from '../src/server/ground/work/work';
import { closePool } from '../src/server/ground/database/pool';
import { makePage } from '../src/server/deeds/pages/makePage';
import { savePage } from '../src/server/deeds/pages/savePage';
import { showPage } from '../src/server/deeds/pages/showPage';
import { findPersonByEmail, insertPerson, updateLastSeen } from '../src/server/tables/people';
import { updatePasscode } from '../src/server/tables/roster';
import { addPicture } from '../src/server/deeds/pictures/addPicture';
import { beginPost } from '../src/server/deeds/posts/beginPost';
import { handIn } from '../src/server/deeds/posts/handIn';
import { savePost } from '../src/server/deeds/posts/savePost';
import { accept } from '../src/server/deeds/reviews/accept';
import { giveBackGrade } from '../src/server/deeds/reviews/giveBackGrade';
import { judge } from '../src/server/deeds/reviews/judge';
import { openHandIn } from '../src/server/deeds/reviews/openHandIn';
import { sendBack } from '../src/server/deeds/reviews/sendBack';
import { answerNote } from '../src/server/deeds/notes/answerNote';
import { keepNote } from '../src/server/deeds/notes/keepNote';
import { sendNotes } from '../src/server/deeds/notes/sendNotes';
import { findHandIn, findHandInByReceipt } from '../src/server/tables/handIns';
import { findRevision } from '../src/server/tables/revisions';
import { openStored } from '../src/server/tables/columns';
import { plainText } from '../src/core/document/plainText';
import { anchorOf } from '../src/core/notes/anchor';
import { hashPasscode, hashSecret } from '../src/server/ground/secrets/secrets';
import { ASSIGNMENTS, type DemoAssignment } from './assignments';
import { drawPicture, type DrawingName } from './draw/picture';
import { OTHER_STUDENTS, STUDENTS, TEACHERS, type DemoStudent } from './people';
import { loadBigClass } from './bigClass';
import { CODE, insertGardenClass, insertWeatherClass, TIME_ZONE } from './insertClasses';
import type { BigSize } from './bigText';
import { PAGES } from './pages';
import { fillGradebook } from './gradebook';
import { letDemoComment } from './comments';
import { letDemoRead } from './peerReading';
import { fillNoteBank } from './noteBank';
import { succeeded } from './succeeded';
import { nameForWorries, tellDemoWorry } from './worries';
import { POSTS } from './writing';
import type { DemoNote, DemoPost } from './writing/demoPost';

const DAY = 86_400_000;
/** What the demo's children say of their pictures. */
const LICENCES = ['free', 'withName', 'classOnly'] as const;
const HOUR = 3_600_000;

interface Loading {
  readonly classId: string;
  readonly now: Date;
  readonly people: ReadonlyMap<string, string>;
  readonly assignments: ReadonlyMap<string, string>;
}

/**
 * Loads the demo class into an empty database, through the same use cases that people use, with times of the past.
 * A database that holds a class already is left as it is.
 * @returns how to sign in as each kind of demo person, in words
 */
export async function loadDemo({
  now,
  progress,
  size = null,
}: {
  readonly now: Date;
  readonly progress: (what: string) => void;
  /** Where it is given, a further class of that size is made, for measuring. */
  readonly size?: BigSize | null;
}): Promise<string> {
  try {
    const classes = await database.rows('SELECT id FROM classes LIMIT 1');
    if (classes.length === 0) await load(now, progress);
    if (size) await loadBigClass(size, { teacherId: await findTeacher(), now, progress });
    return signInLines();
  } finally {
    await closePool();
    await closeWork();
  }
}

/** The teacher of the demo class, who runs the large one too. */
async function findTeacher(): Promise<string> {
  const person = await findPersonByEmail(database, TEACHERS[0]?.email ?? '');
  if (!person) throw new Error('the demo class is not as it was');
  return person.id;
}

async function load(now: Date, progress: (what: string) => void): Promise<void> {
  progress('Making the class and its 24 students');
  const people = await insertPeople(now);
  await nameForWorries({ people, now });
  const classId = await insertWeatherClass(people, now);
  await sayWhereTextsCame({ classId, people, now });
  await insertGardenClass(people, now);
  await recordConsents({ classId, people, now });
  await noteWhoIsAway({ classId, people, now });
  const assignments = new Map<string, string>();
  const loading = { classId, now, people, assignments };
  for (const assignment of ASSIGNMENTS)
    assignments.set(assignment.key, await loadAssignment(assignment, loading));
  await loadPages(loading);
  await fillNoteBank(loading);
  await fillGradebook(loading);
  for (const [index, post] of POSTS.entries()) {
    if (index % 8 === 0) progress(`Drawing pictures and writing posts, ${index} of ${POSTS.length}`);
    const postId = await loadPost(post, loading);
    if (post.worry) await tellDemoWorry({ people, postId, words: post.worry, now });
  }
  await letDemoRead({ people, assignmentId: assignments.get('skies') ?? '', now });
  await letDemoComment(people, now);
}

async function insertPeople(now: Date): Promise<ReadonlyMap<string, string>> {
  const ids = new Map<string, string>();
  const secrets = new Map<string, string>();
  for (const teacher of TEACHERS) secrets.set(teacher.key, await hashSecret(teacher.password));
  for (const student of [...STUDENTS, ...OTHER_STUDENTS])
    secrets.set(student.key, await hashPasscode(student.passcode));
  await inTransaction(async (transaction) => {
    for (const { key, givenName, familyName, email, account } of TEACHERS) {
      const passwordHash = secrets.get(key) ?? null;
      const id = newId();
      await insertPerson(transaction, {
        id,
        givenName,
        familyName,
        email,
        passwordHash,
        account,
        createdAt: now,
      });
      ids.set(key, id);
    }
    for (const student of [...STUDENTS, ...OTHER_STUDENTS])
      ids.set(student.key, await insertStudent(transaction, student, secrets.get(student.key) ?? '', now));
  });
  return ids;
}

/** When the cards of the demo class were printed, in days before today. */
const CARDS_MADE = 40;

async function insertStudent(
  transaction: Database,
  { givenName, familyName, penName, seenDaysAgo, hasCard }: DemoStudent,
  hash: string,
  now: Date,
): Promise<string> {
  const id = newId();
  await insertPerson(transaction, { id, givenName, familyName, penName, createdAt: now });
  const made = new Date(now.getTime() - CARDS_MADE * DAY);
  if (hasCard) await updatePasscode(transaction, { personId: id, hash, kind: 'pictures', at: made });
  if (seenDaysAgo !== null)
    await updateLastSeen(transaction, id, new Date(now.getTime() - seenDaysAgo * DAY - HOUR));
  return id;
}

/** The class was told at its start that its teachers may open where a text came from. */
async function sayWhereTextsCame({
  classId,
  people,
  now,
}: Pick<Loading, 'classId' | 'people' | 'now'>): Promise<void> {
  const asker = { personId: people.get('marisol') ?? '', now: new Date(now.getTime() - CARDS_MADE * DAY) };
  const privacy = { ceiling: 'everyone', namingRule: 'firstNameAndInitial', searchEngines: false } as const;
  const input = { classId, ...privacy, editorsRead: false, consentNeeded: true, originSaid: true };
  succeeded(await perform(changePrivacy, input, asker));
}

/** The letters that came back at the beginning of term. */
async function recordConsents({
  classId,
  people,
  now,
}: Pick<Loading, 'classId' | 'people' | 'now'>): Promise<void> {
  const asker = { personId: people.get('marisol') ?? '', now: new Date(now.getTime() - CARDS_MADE * DAY) };
  const givenOn = localDate(asker.now.getTime(), TIME_ZONE);
  const until = addDays(givenOn, 300);
  for (const { key, consent } of STUDENTS)
    if (consent) {
      const input = { classId, personIds: [people.get(key) ?? ''], ...consent, givenOn, until };
      succeeded(await perform(recordConsent, input, asker));
    }
}

/** Somebody who has not come in yet is away since yesterday. */
async function noteWhoIsAway({
  classId,
  people,
  now,
}: Pick<Loading, 'classId' | 'people' | 'now'>): Promise<void> {
  const asker = { personId: people.get('marisol') ?? '', now };
  const today = localDate(now.getTime(), TIME_ZONE);
  const input = {
    classId,
    personId: people.get('wim') ?? '',
    from: addDays(today, -1),
    to: addDays(today, 3),
  };
  succeeded(await perform(noteAbsence, input, asker));
}

async function loadPages({ classId, now, people }: Loading): Promise<void> {
  for (const { title, audience, daysAgo, text } of PAGES) {
    const asker = { personId: people.get('marisol') ?? '', now: new Date(now.getTime() - daysAgo * DAY) };
    const { pageId } = succeeded(await perform(makePage, { classId }, asker));
    const body = readMarkdown(text).toJSON() as object;
    const { version } = succeeded(await perform(savePage, { pageId, version: 1, title, body }, asker));
    if (audience) succeeded(await perform(showPage, { pageId, version, audience }, asker));
  }
}

async function loadAssignment(demo: DemoAssignment, { classId, now, people }: Loading): Promise<string> {
  const personId = people.get('marisol') ?? '';
  const at = new Date(now.getTime() - (demo.setBefore ?? 1) * DAY);
  const { assignmentId } = succeeded(await perform(makeAssignment, { classId }, { personId, now: at }));
  const afternoon = (days: number) => `${addDays(localDate(now.getTime(), TIME_ZONE), days)}T16:00`;
  const growing = demo.growing && {
    startBy: afternoon(demo.growing.startIn),
    milestones: demo.growing.milestones.map((one) => ({ by: afternoon(one.in), entries: one.entries })),
  };
  const fields = { ...demo.fields, due: afternoon(demo.dueIn), growing: growing ?? null };
  succeeded(await perform(changeAssignment, { assignmentId, version: 1, fields }, { personId, now: at }));
  if (demo.setBefore !== null)
    succeeded(await perform(setAssignment, { assignmentId }, { personId, now: at }));
  return assignmentId;
}

async function loadPost(demo: DemoPost, loading: Loading): Promise<string> {
  const personId = loading.people.get(demo.student) ?? '';
  const assignmentId = loading.assignments.get(demo.assignment) ?? '';
  const begun = at(loading.now, demo.begun);
  const { postId } = succeeded(await perform(beginPost, { assignmentId }, { personId, now: begun }));
  const times = demo.handedIn ?? [];
  let version = 1;
  for (const { daysAgo, upTo, besides = '', pasted } of demo.days ?? []) {
    const text = `${demo.text.slice(0, demo.text.indexOf(upTo) + upTo.length)}${besides}`;
    version = await save({ postId, version, text, demo, loading, moment: at(loading.now, daysAgo), pasted });
  }
  for (const [index, daysAgo] of times.entries()) {
    const moment = at(loading.now, daysAgo);
    const text = index < times.length - 1 ? (demo.firstText ?? demo.text) : demo.text;
    const finished = new Date(moment.getTime() - HOUR);
    version = await save({ postId, version, text, demo, loading, moment: finished });
    const { receipt } = succeeded(await perform(handIn, { postId, version }, { personId, now: moment }));
    const last = index === times.length - 1;
    if (!last || demo.decision) await review({ demo, postId, receipt, last, loading, moment });
  }
  if (times.length === 0)
    await save({ postId, version, text: demo.text, demo, loading, moment: at(loading.now, demo.begun / 2) });
  return postId;
}

interface Saving {
  readonly postId: string;
  readonly version: number;
  readonly text: string;
  readonly demo: DemoPost;
  readonly loading: Loading;
  readonly moment: Date;
  /** Words of it that came at once. */
  readonly pasted?: string | undefined;
}

async function save({ postId, version, text, demo, loading, moment, pasted = '' }: Saving): Promise<number> {
  const personId = loading.people.get(demo.student) ?? '';
  const html = await withPictures(text, loading.classId, personId, moment);
  const body = readMarkdown(html);
  const writing = { title: demo.title, labels: demo.labels, body: body.toJSON() as object };
  const from = plainText(body).indexOf(pasted);
  const came = pasted === '' ? [] : [{ from, to: from + pasted.length, way: 'pasted' }];
  const saved = succeeded(
    await perform(savePost, { postId, version, writing, came }, { personId, now: moment }),
  );
  return saved.version;
}

/** Draws and uploads the pictures that a text names, and puts them in place. */
async function withPictures(text: string, classId: string, personId: string, now: Date): Promise<string> {
  let html = text;
  for (const [whole, name = '', caption = '', credit = '', description = ''] of text.matchAll(
    /\{\{([^|}]+)\|([^|}]*)\|([^|}]*)\|([^}]*)\}\}/g,
  )) {
    const pictureId = await pictureOf(name as DrawingName, { classId, personId, now });
    const side = name.startsWith('cirrus') ? ' data-width="50" data-side="start"' : '';
    html = html.replace(
      whole,
      `<figure${side}><img src="${pictureId}" alt="${escapeHtml(description)}" data-licence="${LICENCES[html.length % LICENCES.length]}"><figcaption>${escapeHtml(caption)}<cite>${escapeHtml(credit)}</cite></figcaption></figure>`,
    );
  }
  return html;
}

interface Uploading {
  readonly classId: string;
  readonly personId: string;
  readonly now: Date;
}

/** Who has uploaded which drawing: a picture that stays in a post stays the same one. */
const uploaded = new Map<string, string>();

async function pictureOf(name: DrawingName, { classId, personId, now }: Uploading): Promise<string> {
  const key = `${classId} ${personId} ${name}`;
  const known = uploaded.get(key);
  if (known) return known;
  const file = await drawPicture(name);
  const { pictureId } = succeeded(await addPicture({ classId, file }, { personId, now }));
  uploaded.set(key, pictureId);
  return pictureId;
}

interface Reviewing {
  readonly demo: DemoPost;
  readonly postId: string;
  readonly receipt: number;
  readonly last: boolean;
  readonly loading: Loading;
  readonly moment: Date;
}

async function review({ demo, postId, receipt, last, loading, moment }: Reviewing): Promise<void> {
  const now = new Date(Math.min(loading.now.getTime() - HOUR, moment.getTime() + 0.8 * DAY));
  const asker = { personId: loading.people.get('marisol') ?? '', now };
  const handInId = (await findHandInByReceipt(database, receipt))?.id ?? '';
  succeeded(await perform(openHandIn, { postId, handInId }, asker));
  const rubric = ASSIGNMENTS.find((assignment) => assignment.key === demo.assignment)?.fields.rubric ?? [];
  for (const [index, criterion] of rubric.entries()) {
    const level = demo.levels?.[index] ?? null;
    if (level !== null)
      succeeded(await perform(judge, { postId, handInId, criterionId: criterion.id, level }, asker));
  }
  if (last || !demo.decision) await writeNotes({ demo, postId, handInId, loading, asker });
  if (!last || demo.decision === 'sentBack') succeeded(await perform(sendBack, { postId, handInId }, asker));
  else succeeded(await perform(accept, { postId, handInId }, asker));
  if (last && demo.gradeGivenBack) succeeded(await perform(giveBackGrade, { postId, handInId }, asker));
}

interface Noting extends Pick<Reviewing, 'demo' | 'postId' | 'loading'> {
  readonly handInId: string;
  readonly asker: { readonly personId: string; readonly now: Date };
}

/** The notes of a teacher on a hand-in, and what its writer said to them. */
async function writeNotes({ demo, postId, handInId, loading, asker }: Noting): Promise<void> {
  const revision = await findRevisionOfHandIn(handInId);
  const text = plainText(openStored(revision));
  const whole = demo.note ? [{ text: demo.note }] : [];
  for (const note of [...whole, ...(demo.pinned ?? [])] as readonly (Partial<DemoNote> & {
    text: string;
  })[]) {
    const { passage, suggested = null, answer } = note;
    const from = passage ? text.indexOf(passage) : -1;
    if (passage && from < 0) throw new RangeError(`no passage “${passage}” in ${demo.title}`);
    const anchor = passage ? anchorOf(text, { from, to: from + passage.length }) : null;
    const noteId = newId();
    const target = anchor ? 'passage' : 'post';
    const typed = { noteId, target, targetId: null, anchor, text: note.text, suggested, version: 0 } as const;
    succeeded(await perform(keepNote, { postId, handInId, ...typed }, asker));
    succeeded(await perform(sendNotes, { postId, handInId }, asker));
    const writer = {
      personId: loading.people.get(demo.student) ?? '',
      now: new Date(asker.now.getTime() + HOUR / 2),
    };
    if (answer) succeeded(await perform(answerNote, { postId, noteId, text: answer, done: true }, writer));
  }
}

/** The document that was handed in, as it is stored. */
async function findRevisionOfHandIn(handInId: string): Promise<string> {
  const handIn = await findHandIn(database, handInId);
  return (handIn && (await findRevision(database, handIn.revisionId))?.body) ?? '';
}

/** A moment some days ago, at an hour at which children write; what is only hours ago stays so. */
function at(now: Date, daysAgo: number): Date {
  const moment = now.getTime() - daysAgo * DAY;
  if (daysAgo < 1) return new Date(moment);
  const minutes = Math.round(daysAgo * 37) % 300;
  const time = `${String(14 + Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
  return new Date(
    Math.min(moment + DAY / 3, instantOf(`${localDate(moment, TIME_ZONE)}T${time}`, TIME_ZONE)),
  );
}

function signInLines(): string {
  const student = (key: string) => [...STUDENTS, ...OTHER_STUDENTS].find((one) => one.key === key);
  return [
    'For grown-ups (e-mail and password):',
    ...TEACHERS.map(
      (teacher) => `  ${teacher.givenName} ${teacher.familyName}: ${teacher.email}, ${teacher.password}`,
    ),
    `For students of Wind & Weather (class code ${CODE.weather}, name, three picture words):`,
    ...['tomas', 'mara', 'bea', 'milo'].map(
      (key) => `  ${student(key)?.givenName}: ${student(key)?.passcode}`,
    ),
    `Another class, The Moss Garden (class code ${CODE.garden}):`,
    `  ${student('other-pim')?.givenName}: ${student('other-pim')?.passcode}`,
  ].join('\n');
}
