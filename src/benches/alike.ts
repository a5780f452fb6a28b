import { comparableText } from '../core/alike/comparable';
import { fingerprints, ownFingerprints } from '../core/alike/fingerprints';
import { ownWords } from '../core/alike/ownRows';
import { readMarkdown } from '../core/document/readMarkdown';
import { NOTHING_BESIDE } from '../core/posts/beside';
import { findAlike } from '../server/deeds/evidence/alike';
import { database } from '../server/ground/database/database';
import { newId } from '../server/ground/database/newId';
import { closeWork } from '../server/ground/work/work';
import { listTaughtAlong } from '../server/tables/classes';
import { listMaybeAlike } from '../server/tables/fingerprints';
import { measurement, medianTime, type Measurement } from './measure';
import { makeSchool, wordsLike, type BenchClass } from './school';

const TURNS = 101;
/** A school: so many teachers with so many classes each, and students in each class. */
const SCHOOL = { teachers: 8, classesEach: 5, students: 25 };
/** Posts whose writers took over the same passage. */
const ALIKE = 3;
const PASSAGE = 'the harbour wall was wet on both sides and still the swallows flew high above it all day';
/** Rows in one statement. */
const AT_ONCE = 400;

/**
 * `alike-lookup`: the posts of a school that share a passage with one, looked up and compared in full, against the query for the same
 * fingerprints alone; `alike-growth`: its time with so many posts against that with a tenth of them.
 */
export async function benchAlike(posts: number): Promise<readonly Measurement[]> {
  const classes = await makeSchool(SCHOOL);
  const lookUp = await writtenIn(classes[0]!);
  await fill(classes, 0, Math.ceil(posts / 10));
  const few = await medianTime(TURNS, lookUp.whole);
  await fill(classes, Math.ceil(posts / 10), posts);
  const whole = await medianTime(TURNS, lookUp.whole);
  const bare = await medianTime(TURNS, lookUp.bare);
  await closeWork();
  return [measurement('alike-lookup', whole, bare), measurement('alike-growth', whole, few)];
}

/** One post of a class, what looks it up, and the one query of that alone. */
async function writtenIn({ id: classId, students }: BenchClass) {
  const body = readMarkdown(`${wordsLike(-1)}\n\n${PASSAGE}.`);
  const writer = { writerId: students[0]!, by: 'bench', body: JSON.stringify(body.toJSON()) };
  const classIds = await listTaughtAlong(database, classId);
  const assignment = { starters: [], outline: [], sharedId: null };
  const asked = {
    fingerprints: ownFingerprints(ownWords(body, { starters: [], outline: [] })),
    writerId: writer.writerId,
    classIds,
    sharedId: null,
  };
  return {
    whole: async () => {
      const found = await findAlike(database, writer, assignment, classIds);
      if (found?.length !== ALIKE) throw new Error('not what is alike was found');
    },
    bare: async () => {
      await listMaybeAlike(database, asked);
    },
  };
}

/** Puts posts into the classes by turns, each handed in once; the first few of the first class hold the passage. */
async function fill(classes: readonly BenchClass[], from: number, to: number): Promise<void> {
  for (let first = from; first < to; first += AT_ONCE) {
    const rows = [];
    const hashes = [];
    for (let number = first; number < Math.min(to, first + AT_ONCE); number += 1) {
      const klass = classes[number % classes.length]!;
      const turn = Math.floor(number / classes.length);
      const taken = number % classes.length === 0 && turn < ALIKE ? `\n\n${PASSAGE}!` : '';
      const body = readMarkdown(`${wordsLike(number)}${taken}`);
      const id = newId();
      rows.push({
        id,
        revision: newId(),
        handIn: newId(),
        receipt: number + 1,
        class: klass.id,
        // The first student's own are not compared.
        writer: klass.students[1 + (turn % (SCHOOL.students - 1))]!,
        body: JSON.stringify(body.toJSON()),
        words: comparableText(body),
      });
      for (const hash of fingerprints(comparableText(body))) hashes.push([hash, klass.id, id]);
    }
    await insertRows(rows);
    await database.change(
      `INSERT INTO fingerprints (hash, class_id, post_id)
       SELECT hash, class_id, post_id FROM JSON_TABLE(:hashes, '$[*]' COLUMNS
         (hash BIGINT UNSIGNED PATH '$[0]', class_id VARCHAR(16) PATH '$[1]', post_id VARCHAR(16) PATH '$[2]')) AS one`,
      { hashes: JSON.stringify(hashes) },
    );
  }
}

async function insertRows(rows: readonly object[]): Promise<void> {
  const each = `JSON_TABLE(:rows, '$[*]' COLUMNS (id VARCHAR(16) PATH '$.id', revision VARCHAR(16) PATH '$.revision',
    hand_in VARCHAR(16) PATH '$.handIn', receipt INT PATH '$.receipt', class VARCHAR(16) PATH '$.class',
    writer VARCHAR(16) PATH '$.writer', words MEDIUMTEXT PATH '$.words',
    body MEDIUMTEXT PATH '$.body')) AS one`;
  const values = { rows: JSON.stringify(rows), now: new Date(), beside: JSON.stringify(NOTHING_BESIDE) };
  await database.change(
    `INSERT INTO posts (id, class_id, writer_id, stage, title, labels, body, beside, version, begun_at, saved_at)
     SELECT id, class, writer, 'handedIn', 'Bench', '[]', body, :beside, 1, :now, :now FROM ${each}`,
    values,
  );
  await database.change(
    `INSERT INTO revisions (id, post_id, kind, title, labels, body, beside, created_at)
     SELECT revision, id, 'handIn', 'Bench', '[]', body, :beside, :now FROM ${each}`,
    values,
  );
  await database.change(
    `INSERT INTO hand_ins (id, post_id, revision_id, ordinal, receipt, evidence, words, handed_in_at)
     SELECT hand_in, id, revision, 1, receipt, '{}', 0, :now FROM ${each}`,
    values,
  );
  await database.change(
    `INSERT INTO revision_copies (revision_id, renderer, plain_text, html, teaser, words, headings, pictures, links, documents,
       comparable, fingerprints)
     SELECT revision, 0, '', '', '', 0, '[]', 0, 0, '[]', words, '[]' FROM ${each}`,
    values,
  );
}
