import type { DocumentJson } from '../src/core/document/openDocument';
import { readHtml } from '../src/core/document/html/readHtml';
import { instructionsFrom } from '../src/core/assignments/lessonText';
import { addDays, localDate } from '../src/core/timing/zonedTime';
import { perform } from '../src/server/ground/access/perform';
import type { Result, UseCase } from '../src/server/ground/access/useCase';
import { changeAssignment } from '../src/server/deeds/assignments/changeAssignment';
import { makeAssignment } from '../src/server/deeds/assignments/makeAssignment';
import { setAssignment } from '../src/server/deeds/assignments/setAssignment';
import { findClassByAddress, insertClass } from '../src/server/tables/classes';
import { insertMembership } from '../src/server/tables/memberships';
import { database, inTransaction } from '../src/server/ground/database/database';
import { newId } from '../src/server/ground/database/newId';
import { importPeople } from '../src/server/deeds/people/importPeople';
import { beginPost } from '../src/server/deeds/posts/beginPost';
import { handIn } from '../src/server/deeds/posts/handIn';
import { listHandIns } from '../src/server/tables/handIns';
import { savePost } from '../src/server/deeds/posts/savePost';
import { accept } from '../src/server/deeds/reviews/accept';
import { judge } from '../src/server/deeds/reviews/judge';
import { openHandIn } from '../src/server/deeds/reviews/openHandIn';
import { bigNames, bigText, type BigSize } from './bigText';

const ADDRESS = 'shore';
const TIME_ZONE = 'Europe/Dublin';
const DAY = 86_400_000;
/** So many posts are written side by side. */
const AT_ONCE = 8;
/** Of ten posts, so many are accepted, and so many wait to be read; the others are drafts. */
const ACCEPTED = 8;
const WAITING = 1;

interface Loading {
  /** The teacher, who is there already. */
  readonly teacherId: string;
  readonly now: Date;
  readonly progress: (what: string) => void;
}

/**
 * Makes a class of so many posts and students, The Long Shore, through the use cases that people use; the same each time, but for identifiers and
 * the day. It is what growth is measured on. Left as it is where it is there already.
 */
export async function loadBigClass({ posts, students }: BigSize, loading: Loading): Promise<void> {
  if (await findClassByAddress(database, ADDRESS)) return;
  const { teacherId, now, progress } = loading;
  progress(`Making The Long Shore and its ${students} students`);
  const classId = await insertBigClass(loading);
  const teacher = { personId: teacherId, now: new Date(now.getTime() - 300 * DAY) };
  const source = { kind: 'lines', text: bigNames(students).join('\n') };
  const { made } = await did(importPeople, { classId, source, same: [], another: [] }, teacher);
  const assignments: string[] = [];
  for (let number = 1; number <= Math.ceil(posts / students); number += 1)
    assignments.push(await setOne(classId, number, loading));
  let begun = 0;
  const writeSome = async () => {
    for (let index = begun++; index < posts; index = begun++) {
      if (index % 200 === 0) progress(`Writing posts, ${index} of ${posts}`);
      const writerId = made[index % made.length] ?? '';
      const assignmentId = assignments[Math.floor(index / made.length)] ?? '';
      await writeOne({ index, writerId, assignmentId }, loading);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, writeSome));
}

async function insertBigClass({ teacherId, now }: Loading): Promise<string> {
  const id = newId();
  await inTransaction(async (transaction) => {
    await insertClass(transaction, {
      id,
      address: ADDRESS,
      title: 'The Long Shore',
      groupName: 'All years',
      subtitle: '',
      schoolName: 'Alder Quay School',
      code: 'SHORE300',
      timeZone: TIME_ZONE,
      language: 'en-GB',
      ceiling: 'everyone',
      namingRule: 'firstNameAndInitial',
      passcodeKind: 'pictures',
      namesTyped: true,
      consentNeeded: false,
      settledAt: now,
      createdAt: now,
    });
    await insertMembership(transaction, { classId: id, personId: teacherId, role: 'teacher', joinedAt: now });
  });
  return id;
}

async function setOne(classId: string, number: number, { teacherId, now }: Loading): Promise<string> {
  const asker = { personId: teacherId, now: new Date(now.getTime() - 200 * DAY) };
  const { assignmentId } = await did(makeAssignment, { classId }, asker);
  const fields = {
    number,
    title: `Along the shore ${number}`,
    instructions: instructionsFrom('Walk, look, and write what was there.'),
    due: `${addDays(localDate(now.getTime(), TIME_ZONE), number)}T16:00`,
    requirements: [
      { id: 'words', kind: 'words', weight: 'required', points: 4, partial: true, min: 60 },
      { id: 'paragraphs', kind: 'paragraphs', weight: 'required', points: 1, min: 2 },
    ],
    rubric: [
      {
        id: 'looking',
        name: 'Looking',
        weight: 1,
        levels: [
          { points: 1, description: 'says what is there' },
          { points: 3, description: 'shows it' },
        ],
      },
    ],
    lateRule: { kind: 'none' },
    audience: 'everyone',
    release: 'accepted',
    missing: 'warns',
    draftsOpen: false,
    hidesNames: false,
  };
  await did(changeAssignment, { assignmentId, version: 1, fields }, asker);
  await did(setAssignment, { assignmentId }, asker);
  return assignmentId;
}

interface Writing {
  readonly index: number;
  readonly writerId: string;
  readonly assignmentId: string;
}

async function writeOne(
  { index, writerId, assignmentId }: Writing,
  { teacherId, now }: Loading,
): Promise<void> {
  // From half a year ago until yesterday, none at the very moment of another.
  const at = new Date(now.getTime() - (1 + ((index * 7919) % 180)) * DAY - index);
  const writer = { personId: writerId, now: at };
  const { title, html } = bigText(index + 1);
  const { postId } = await did(beginPost, { assignmentId }, writer);
  const writing = { title, labels: [], body: readHtml(html).toJSON() as DocumentJson };
  const { version } = await did(savePost, { postId, version: 1, writing }, writer);
  if (index % 10 >= ACCEPTED + WAITING) return;
  await did(handIn, { postId, version }, writer);
  if (index % 10 >= ACCEPTED) return;
  const handInId = (await listHandIns(database, postId)).at(-1)?.id;
  const teacher = { personId: teacherId, now: new Date(at.getTime() + DAY / 2) };
  await did(openHandIn, { postId, handInId }, teacher);
  await did(judge, { postId, handInId, criterionId: 'looking', level: index % 2 }, teacher);
  await did(accept, { postId, handInId }, teacher);
}

async function did<Input, Rows, Output>(
  useCase: UseCase<Input, Rows, Output>,
  input: object,
  asker: { readonly personId: string; readonly now: Date },
): Promise<Output> {
  const outcome: Result<Output> = await perform(useCase, input, asker);
  if (!outcome.ok) throw new Error(`${useCase.name} was refused: ${outcome.code} ${outcome.field ?? ''}`);
  return outcome.value;
}
