import { askedWords } from '../core/search/asked';
import { INDEXED, termsOf, wordsOfText } from '../core/search/indexed';
import { NOTHING_BESIDE } from '../core/posts/beside';
import { database } from '../server/ground/database/database';
import { newId } from '../server/ground/database/newId';
import { findClass } from '../server/tables/classes';
import { listPublished } from '../server/tables/publishedLists';
import type { Sight } from '../server/tables/sight';
import { wordsAsked } from '../server/tables/searchTexts';
import { measurement, medianTimes, type Measurement } from './measure';
import { makeSchool, wordsLike, type BenchClass } from './school';

const TURNS = 41;
const POSTS = 100_000;
const SCHOOL = { teachers: 40, classesEach: 5, students: 1 };
/** Rows in one statement. */
const AT_ONCE = 250;
/** Words of the texts, from those that stand in most of them to those of a few in a hundred thousand. */
const ASKED = { common: 'w12', middling: 'w400', rare: 'w3900' };

/**
 * `search-100k`: which posts of one class a visitor finds by a word, against the database's own full text of title and text, among
 * 100,000 posts of 200 classes: for a common, a middling and a rare word.
 */
export async function benchSearch(say: (what: string) => void): Promise<readonly Measurement[]> {
  const classes = await makeSchool(SCHOOL);
  await database.change(
    'CREATE TABLE bare_texts (post_id VARCHAR(16) PRIMARY KEY, title VARCHAR(300), plain_text MEDIUMTEXT, FULLTEXT (title, plain_text))',
  );
  const numbers = new Map<string, number>();
  for (const { id } of classes) numbers.set(id, (await findClass(database, id))?.number ?? 0);
  for (let from = 0; from < POSTS; from += AT_ONCE) {
    if (from % 10_000 === 0) say(`${from} of ${POSTS} posts are written`);
    await insertPosts(classes, numbers, from);
  }
  const inClass = await findClass(database, classes[0]!.id);
  if (!inClass) throw new Error('the class is gone');
  const lines: Measurement[] = [];
  for (const [name, word] of Object.entries(ASKED)) {
    const sight: Sight = {
      ...{ classId: inClass.id, circle: 'everyone', day: '2026-11-17', personId: null },
      ...{ seesAway: false, ownToo: false, opened: [] },
      only: { words: wordsAsked(askedWords(word, 'en', true), inClass) },
    };
    const found = await listPublished(database, sight, { most: 1000 });
    if (found.length === 0) throw new Error(`nothing was found by ${word}`);
    const { time, floor } = await medianTimes(
      TURNS,
      () => listPublished(database, sight, { most: 20 }),
      () =>
        database.rows(
          'SELECT post_id FROM bare_texts WHERE MATCH (title, plain_text) AGAINST (:word IN BOOLEAN MODE)',
          { word: `+${word}` },
        ),
    );
    lines.push(measurement(`search-100k-${name}`, time, floor));
  }
  return lines;
}

/** Puts posts into the classes by turns, each published for everybody. */
async function insertPosts(
  classes: readonly BenchClass[],
  numbers: ReadonlyMap<string, number>,
  from: number,
): Promise<void> {
  const rows = Array.from({ length: AT_ONCE }, (_, index) => {
    const number = from + index;
    const klass = classes[number % classes.length]!;
    const text = wordsLike(number);
    return {
      ...{ id: newId(), revision: newId(), class: klass.id, writer: klass.students[0]!, text },
      terms: termsOf(wordsOfText(text, null), numbers.get(klass.id) ?? 0),
      at: new Date(Date.UTC(2026, 0, 1) + number * 60_000).toISOString().slice(0, 19).replace('T', ' '),
    };
  });
  const each = `JSON_TABLE(:rows, '$[*]' COLUMNS (id VARCHAR(16) PATH '$.id', revision VARCHAR(16) PATH '$.revision',
    class VARCHAR(16) PATH '$.class', writer VARCHAR(16) PATH '$.writer', text MEDIUMTEXT PATH '$.text',
    terms MEDIUMTEXT PATH '$.terms', shown DATETIME PATH '$.at')) AS one`;
  const values = { rows: JSON.stringify(rows), now: new Date(), beside: JSON.stringify(NOTHING_BESIDE) };
  for (const statement of [
    `INSERT INTO posts (id, class_id, writer_id, stage, title, labels, body, beside, version, begun_at, saved_at)
     SELECT id, class, writer, 'accepted', 'Bench', '[]', '', :beside, 1, :now, :now FROM ${each}`,
    `INSERT INTO revisions (id, post_id, kind, title, labels, body, beside, created_at)
     SELECT revision, id, 'handIn', 'Bench', '[]', '', :beside, :now FROM ${each}`,
    `INSERT INTO shown_posts (post_id, reach, class_id, writer_id, revision_id, audience, shown_at, beyond_from, beyond_until, away)
     SELECT id, reach, class, writer, revision, 'everyone', shown, '1000-01-01', '9999-12-31', FALSE FROM ${each}
     JOIN (SELECT 'ourClass' AS reach UNION ALL SELECT 'everyone') AS circles`,
    `INSERT INTO search_texts (post_id, class_id, revision_id, indexed, language, terms, parts)
     SELECT id, class, revision, ${INDEXED}, 'en', terms, '{}' FROM ${each}`,
    `INSERT INTO bare_texts (post_id, title, plain_text) SELECT id, 'Bench', text FROM ${each}`,
  ])
    await database.change(statement, values);
}
