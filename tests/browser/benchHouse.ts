import { STUDENTS, TEACHERS } from '../../demo/people';
import { benchHostile } from '../../src/benches/hostile';
import { startBareApplication } from '../../src/benches/bareApplication';
import { benchKills } from '../../src/benches/kills';
import { benchLoad, LOAD_WRITERS, type Writer } from '../../src/benches/load';
import { loadBigClass } from '../../demo/bigClass';
import { benchReaders } from '../../src/benches/readers';
import { Visitor } from '../../src/benches/visitor';
import { insertComment } from '../../src/server/tables/comments';
import { insertPerson } from '../../src/server/tables/people';
import { weightLine, weightOf } from '../../src/benches/weight';
import { addressesOf, reviewAddress } from '../../src/contract/addresses';
import { perform } from '../../src/server/ground/access/perform';
import { findClassByAddress } from '../../src/server/tables/classes';
import { listMembers } from '../../src/server/tables/memberships';
import { database } from '../../src/server/ground/database/database';
import { newId } from '../../src/server/ground/database/newId';
import { closePool } from '../../src/server/ground/database/pool';
import { updatePasscode } from '../../src/server/tables/roster';
import { beginPost } from '../../src/server/deeds/posts/beginPost';
import { nameHandle } from '../../src/server/deeds/sessions/nameHandle';
import { hashPasscode } from '../../src/server/ground/secrets/secrets';
import { closeWork } from '../../src/server/ground/work/work';
import { addPerson, NOW, setWork, succeeded, type House } from '../server/house';
import { toHouse } from './houseControl';
import { openHouse } from './startHouse';

const CODE = 'QUAY2418';
const PASSCODE = 'kite boat lamp';

/** Runs a measurement on a house of its own that is gone afterwards. */
async function inHouse<Value>(measure: (origin: string) => Promise<Value>): Promise<Value> {
  const stop = await openHouse({ quick: false });
  try {
    return await measure(process.env['PORCH_TEST_ORIGIN'] ?? '');
  } finally {
    await closePool();
    await closeWork();
    await stop();
  }
}

export function benchHostileHouse() {
  return inHouse((origin) => {
    const [teacher, student] = [TEACHERS[0], STUDENTS.find((one) => one.hasCard)];
    if (!teacher?.password || !student) throw new Error('the demo class is not as it was');
    return benchHostile({
      origin,
      teacher: { email: teacher.email, password: teacher.password },
      student: { code: CODE, name: student.givenName, passcode: student.passcode },
    });
  });
}

export function benchLoadHouse() {
  return inHouse(async (origin) => {
    const writers = await writersOf(origin, LOAD_WRITERS);
    const { lines } = await benchLoad(origin, writers, async () => {
      const rows = await database.rows<{ id: string; body: string }>('SELECT id, body FROM posts');
      return new Map(rows.map((row) => [row.id, row.body]));
    });
    return lines;
  });
}

export function benchKillsHouse(rounds: number) {
  return inHouse(async (origin) => {
    const writers = await writersOf(origin, 12);
    const house = {
      killApplication: () => toHouse('killApplication'),
      startApplication: () => toHouse('startApplication'),
      killDatabase: () => toHouse('killDatabase'),
      startDatabase: () => toHouse('startDatabase'),
    };
    const held = async () => {
      const rows = await database.rows<{ id: string; version: number }>('SELECT id, version FROM posts');
      return new Map(rows.map((row) => [row.id, row.version]));
    };
    return [await benchKills(house, writers, { rounds, held })];
  });
}

/** What the main pages of the demo class weigh, against the framework's empty page. */
export function benchWeightHouse(root: string) {
  return inHouse(async (origin) => {
    const [runs, writes] = [TEACHERS[0], STUDENTS.find((one) => one.hasCard)];
    if (!runs?.password || !writes) throw new Error('the demo class is not as it was');
    const teacher = await new Visitor(origin).signInAdult(runs.email, runs.password);
    const student = await new Visitor(origin, '192.0.2.2').signInStudent(
      CODE,
      writes.givenName,
      writes.passcode,
    );
    const [first] = await database.rows<
      Record<'classId' | 'blog' | 'assignmentId' | 'waits' | 'shown', string>
    >(
      `SELECT classes.id AS classId, classes.address AS blog,
         (SELECT id FROM assignments WHERE class_id = classes.id AND set_at IS NOT NULL ORDER BY number LIMIT 1) AS assignmentId,
         (SELECT id FROM posts WHERE class_id = classes.id AND stage = 'handedIn' ORDER BY id LIMIT 1) AS waits,
         (SELECT posts.address FROM posts JOIN publications ON post_id = posts.id AND until IS NULL
          WHERE class_id = classes.id AND publications.audience = 'everyone' ORDER BY posts.id LIMIT 1) AS shown
       FROM classes WHERE code = :code`,
      { code: CODE },
    );
    const [own] = await database.rows<{ readonly id: string }>(
      `SELECT posts.id FROM posts JOIN people ON people.id = writer_id
       WHERE given_name = :name AND class_id = :classId ORDER BY posts.id LIMIT 1`,
      { name: writes.givenName, classId: first?.classId ?? '' },
    );
    if (!first || !own) throw new Error('the demo class is not as it was');
    const at = addressesOf(first.classId);
    const pages: readonly (readonly [string, Visitor, string])[] = [
      ['sign-in', new Visitor(origin), '/sign-in'],
      ['today', teacher, '/today'],
      ['builder', teacher, at.assignment(first.assignmentId)],
      ['desk', student, at.post(own.id)],
      ['review', teacher, reviewAddress(first.waits)],
      ['front', new Visitor(origin), `/blog/${first.blog}`],
      ['post', new Visitor(origin), `/blog/${first.blog}/${first.shown}`],
    ];
    const bare = await startBareApplication(root);
    try {
      const empty = await weightOf((path) => new Visitor(bare.origin).read(path), '/');
      const lines = [];
      for (const [name, visitor, path] of pages)
        lines.push(weightLine(name, await weightOf((asked) => visitor.read(asked), path), empty));
      return lines;
    } finally {
      await bare.stop();
    }
  });
}

/** Readers' pages, against the framework with the same bytes. */
export function benchReadersHouse(root: string) {
  return inHouse(async (origin) => {
    const fronts = [];
    for (const size of [
      { posts: 38, students: 24 },
      { posts: 3750, students: 300 },
    ])
      fronts.push(await frontOfSize(size));
    const [small = '', large = ''] = fronts;
    const post =
      /href="(\/blog\/[^"/]+\/[^"/]+)"/.exec(await (await fetch(origin + small)).text())?.[1] ?? '';
    await commentOn(post);
    const html = await (await fetch(origin + post)).text();
    await database.change('CREATE TABLE bare_texts (id INT NOT NULL PRIMARY KEY, html MEDIUMTEXT NOT NULL)');
    await database.insert('bare_texts (id, html)', [[1, html]]);
    const bare = await startBareApplication(root, html);
    try {
      const { origin: at } = bare;
      return await benchReaders({
        origin,
        post,
        small,
        large,
        bareRow: `${at}/row/1`,
        barePage: `${at}/text`,
      });
    } finally {
      await bare.stop();
    }
  });
}

/** A class of so many posts, four of five of them published to everybody; its front page. */
async function frontOfSize(size: { readonly posts: number; readonly students: number }): Promise<string> {
  const now = new Date();
  const teacherId = newId();
  const name = { givenName: 'Bench', familyName: 'Example' };
  await insertPerson(database, { id: teacherId, ...name, account: 'teacher', createdAt: now });
  await loadBigClass(size, { teacherId, now, progress: (what) => console.error(what) });
  const address = `shore-of-${size.posts}`;
  await database.change("UPDATE class_addresses SET address = :address WHERE address = 'shore'", { address });
  await database.change(
    "UPDATE classes SET address = :address, code = LEFT(id, 12) WHERE address = 'shore'",
    {
      address,
    },
  );
  return `/blog/${address}`;
}

/** Ten comments of one classmate. */
async function commentOn(post: string): Promise<void> {
  const [found] = await database.rows<{ postId: string; authorId: string }>(
    `SELECT posts.id AS postId, person_id AS authorId FROM posts JOIN memberships USING (class_id)
     WHERE posts.address = :address AND role = 'student' AND person_id <> writer_id LIMIT 1`,
    { address: decodeURIComponent(post.split('/').at(-1) ?? '') },
  );
  if (!found) throw new Error('there is nobody to comment');
  for (let index = 0; index < 10; index += 1)
    await insertComment(database, {
      ...{ id: newId(), ...found, text: `What I saw there ${index}`, words: 5 },
      ...{ writtenAt: new Date(), state: 'shown', reasons: [] },
    });
}

/** Makes students of the demo class who are signed in, each with a post that is begun. */
async function writersOf(origin: string, count: number): Promise<readonly Writer[]> {
  const inClass = await findClassByAddress(database, 'wind');
  const teacher = (await listMembers(database, inClass?.id ?? '')).find((one) => one.role === 'teacher');
  if (!inClass || !teacher) throw new Error('the demo class is not there');
  const house = { classId: inClass.id, people: { teacher: teacher.personId } } as unknown as House;
  const assignmentId = await setWork(house);
  const hash = await hashPasscode(PASSCODE);
  const writers: Writer[] = [];
  for (let index = 0; index < count; index += 1) {
    const personId = await addPerson(`Load${index}`, inClass.id, 'student');
    await updatePasscode(database, { personId, hash, kind: 'pictures', at: NOW });
    const { postId } = await succeeded(perform(beginPost, { assignmentId }, { personId, now: new Date() }));
    const visitor = new Visitor(origin, `192.0.2.${index % 250}`);
    const input = { as: 'student', code: CODE, who: nameHandle(inClass.id, personId), passcode: PASSCODE };
    const { status } = await visitor.send('/api/session', JSON.stringify(input));
    if (status !== 200) throw new Error(`a writer is not let in: ${status}`);
    writers.push({ visitor, postId });
  }
  return writers;
}
