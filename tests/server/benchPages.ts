import { loadBigClass } from '../../demo/bigClass';
import { measurement, medianTimes, type Measurement } from '../../src/benches/measure';
import type { Desk } from '../../src/server/deeds/sessions/desk';
import { placeOf } from '../../src/core/languages/languages';
import { database } from '../../src/server/ground/database/database';
import { newId } from '../../src/server/ground/database/newId';
import { closeWork } from '../../src/server/ground/work/work';
import { findClassByAddress } from '../../src/server/tables/classes';
import { insertPerson } from '../../src/server/tables/people';
import { listPostStates } from '../../src/server/tables/postStates';
import { maybeArrangedPile } from '../../src/server/views/review/listPile';
import { maybeGradebook } from '../../src/server/views/gradebook/viewGradebook';
import { maybeOwnSheet } from '../../src/server/views/gradebook/viewSheet';
import { maybeTalk } from '../../src/server/views/gradebook/viewTalk';
import { maybeTerm } from '../../src/server/views/gradebook/viewTerm';
import { maybeReview } from '../../src/server/views/review/viewReview';
import { maybeSet } from '../../src/server/views/set/viewSet';
import { maybeStudentPosts } from '../../src/server/views/set/viewStudent';
import { listWork } from '../../src/server/views/today/listWork';
import { maybeTeacherToday } from '../../src/server/views/today/viewTeacherToday';
import { countStatements } from './countStatements';

const SMALL = { posts: 30, students: 24 };
const LARGE = { posts: 3000, students: 300 };
const TURNS = 15;

/** What is measured of a view, and how many statements it asks of the database. */
type PageMeasurement = Measurement & { readonly queries: number };

/**
 * How long each view takes in a class of 3,000 posts by 300 students, against the same in one of 30 by 24; the set, the gradebook,
 * a term and a sheet, which read the posts of the class, against the bare query of these rows. As many posts wait to be read in both.
 */
export async function benchPages(progress: (what: string) => void): Promise<readonly PageMeasurement[]> {
  const now = new Date();
  const places = [];
  for (const size of [SMALL, LARGE]) {
    // Each class has a teacher of its own: names that a teacher knows from another class would be asked about.
    const teacherId = newId();
    const name = { givenName: 'Bench', familyName: 'Example' };
    await insertPerson(database, { id: teacherId, ...name, account: 'teacher', createdAt: now });
    await loadBigClass(size, { teacherId, now, progress });
    places.push(await settle(teacherId, now));
  }
  const [small, large] = places;
  if (!small || !large) throw new Error('no class was made');
  const measured: PageMeasurement[] = [];
  for (const name of Object.keys(VIEWS) as ViewName[]) {
    const view = VIEWS[name];
    if (!(await view(large)) || !(await view(small))) throw new Error(`${name} shows nothing`);
    const bare = BARE[name];
    const { time, floor } = await medianTimes(
      TURNS,
      () => view(large),
      () => (bare ? bare(large) : view(small)),
    );
    const queries = await countStatements(() => view(large));
    measured.push({ ...measurement(`page-${name}`, time, floor), queries });
  }
  await closeWork();
  return measured;
}

interface Place {
  readonly desk: Desk;
  readonly studentDesk: Desk;
  readonly assignmentId: string;
  /** One that waits to be read. */
  readonly postId: string;
}

const VIEWS = {
  today: ({ desk }: Place) => maybeTeacherToday([desk]),
  pile: ({ desk }: Place) => maybeArrangedPile([desk]),
  review: ({ desk, postId }: Place) => maybeReview(postId, [desk]),
  set: ({ desk, assignmentId }: Place) => maybeSet(assignmentId, desk),
  gradebook: ({ desk }: Place) => maybeGradebook(desk),
  term: ({ desk }: Place) => maybeTerm(inOneTerm(desk), WHOLE_TIME.from),
  talk: ({ desk, studentDesk }: Place) => maybeTalk({ personIds: [studentDesk.personId], term: null }, desk),
  sheet: ({ studentDesk }: Place) => maybeOwnSheet(studentDesk),
  student: ({ desk, studentDesk }: Place) => maybeStudentPosts(studentDesk.personId, desk),
  work: ({ studentDesk }: Place) => listWork(studentDesk),
} as const;
type ViewName = keyof typeof VIEWS;

/** Gives the class an address of its own, and lets so many posts wait as in the small one. */
async function settle(teacherId: string, now: Date): Promise<Place> {
  const inClass = await findClassByAddress(database, 'shore');
  if (!inClass) throw new Error('the class is not there');
  await database.change(
    `UPDATE posts SET stage = 'accepted' WHERE class_id = :classId AND stage = 'handedIn' AND id NOT IN
       (SELECT id FROM (SELECT id FROM posts WHERE class_id = :classId AND stage = 'handedIn' ORDER BY id LIMIT :most) AS kept)`,
    { classId: inClass.id, most: SMALL.posts / 10 },
  );
  // The next one is made under the same address.
  await database.change('DELETE FROM class_addresses WHERE class_id = :id', { id: inClass.id });
  await database.change('UPDATE classes SET address = id, code = LEFT(id, 12) WHERE id = :id', {
    id: inClass.id,
  });
  const [waiting] = await database.rows<{ id: string; writerId: string; assignmentId: string }>(
    `SELECT id, writer_id AS writerId, assignment_id AS assignmentId FROM posts
     WHERE class_id = :classId AND stage = 'handedIn' ORDER BY id LIMIT 1`,
    { classId: inClass.id },
  );
  if (!waiting) throw new Error('nothing waits to be read');
  const desk: Desk = { personId: teacherId, role: 'teacher', inClass, now, place: placeOf(inClass) };
  const { writerId, assignmentId, id: postId } = waiting;
  return { desk, studentDesk: { ...desk, personId: writerId, role: 'student' }, assignmentId, postId };
}

/** Views that have a row or cell for each post, with the bare query of these posts. */
const BARE: Partial<Record<ViewName, (place: Place) => Promise<unknown>>> = {
  set: ({ assignmentId }) => listPostStates(database, { assignmentId }),
  gradebook: ({ desk }) => listPostStates(database, { classId: desk.inClass.id }),
  term: ({ desk }) => listPostStates(database, { classId: desk.inClass.id }),
  talk: ({ desk }) => listPostStates(database, { classId: desk.inClass.id }),
};

/** A term that everything is due in. */
const WHOLE_TIME = { name: 'Always', from: '2000-01-01', to: '2100-01-01' };

function inOneTerm(desk: Desk): Desk {
  const { inClass } = desk;
  return { ...desk, inClass: { ...inClass, year: { ...inClass.year, terms: [WHOLE_TIME] } } };
}
