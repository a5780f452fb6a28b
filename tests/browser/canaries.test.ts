import { afterAll, beforeAll, expect, test } from 'vitest';
import { addressesOf } from '../../src/contract/addresses';
import { database } from '../../src/server/ground/database/database';
import { newId } from '../../src/server/ground/database/newId';
import { beEditor, EVERYBODY, get, ids, PAGES, post, signEverybodyIn, type Who } from './walkers';

/**
 * Words that stand nowhere else are put where few may read, and everybody walks everywhere: to each page, to each post by each
 * of its addresses, and to what is fetched. Who comes upon which word is written down here, and must be exactly that.
 */
const FOUND_BY: Readonly<Record<string, readonly Who[]>> = {
  canarydrafttitle: ['writer'],
  canarydraft: ['writer'],
  canarynote: ['writer', 'teacher'],
  // A draft as it was taken for a classmate is not open to teachers for that: they read what is said of it, and not the text.
  canarypeertext: ['writer', 'classmate'],
  canarypeerwords: ['classmate', 'teacher'],
  canaryhidden: ['editor', 'teacher'],
  canarywaits: ['editor', 'teacher'],
  // Personal details are no matter of student editors.
  canarynumber: ['teacher'],
  // It is for those whom the school named, and none of these is.
  canaryworry: [],
  canarytakendown: ['editor', 'teacher'],
  canaryunset: ['teacher'],
  canaryfile: ['teacher'],
  canarymoss: [],
  canarygone: ['teacher'],
  canaryofthegone: [],
};

const paragraph = (text: string): string =>
  JSON.stringify({
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text }] }],
  });

interface Post {
  readonly id: string;
  readonly writerId: string;
  readonly address: string | null;
}

/** The posts of somebody of the class, the first begun first. */
async function postsOf(givenName: string): Promise<readonly Post[]> {
  return database.rows<Post>(
    `SELECT posts.id, posts.writer_id AS writerId, posts.address FROM posts JOIN people ON people.id = posts.writer_id
     WHERE people.given_name = :givenName ORDER BY posts.begun_at, posts.id`,
    { givenName },
  );
}

/** The posts that the words were put into, or near to. */
let touched: readonly Post[] = [];
/** The assignment that one of them is for, and read by a classmate before it is handed in. */
let readByPeers = '';

beforeAll(async () => {
  await signEverybodyIn();
  const now = new Date();
  const [, , drafted] = await postsOf('Greta');
  const [published] = await postsOf('Bea');
  const [taken] = await postsOf('Hamza');
  const [gone] = await postsOf('Kofi');
  const [ofAnother] = await postsOf('Nadia');
  if (!drafted || !published || !taken || !gone || !ofAnother) throw new Error('the demo has other posts');
  touched = [drafted, published, taken, gone];
  const change = database.change.bind(database);
  await change(
    "UPDATE posts SET title = 'canarydrafttitle', body = :body, version = version + 1 WHERE id = :id",
    {
      id: drafted.id,
      body: paragraph('canarydraft'),
    },
  );
  const [{ teacherId } = { teacherId: '' }] = await database.rows<{ teacherId: string }>(
    "SELECT person_id AS teacherId FROM memberships WHERE role = 'teacher' AND class_id = :classId",
    { classId: ids.classId },
  );
  await change(
    `INSERT INTO notes (id, post_id, revision_id, author_id, typed, sent, sent_at, created_at)
     SELECT :id, post_id, revision_id, :teacherId, 'canarynote', 'canarynote', :now, :now FROM hand_ins WHERE post_id = :postId LIMIT 1`,
    { id: newId(), postId: drafted.id, teacherId, now },
  );
  const snapshot = newId();
  await change(
    `INSERT INTO revisions (id, post_id, kind, title, labels, body, created_at)
     VALUES (:snapshot, :postId, 'saved', 'canarypeertext', '[]', :body, :now)`,
    { snapshot, postId: drafted.id, body: paragraph('canarypeertext'), now },
  );
  await change(
    `UPDATE posts, peer_readings JOIN peer_rounds ON peer_rounds.id = peer_readings.round_id
       JOIN peer_members ON peer_members.round_id = peer_readings.round_id AND person_id = peer_readings.writer_id
     SET revision_id = :snapshot, peer_rounds.assignment_id = posts.assignment_id, stage = 'draft'
     WHERE posts.id = :postId AND peer_readings.id = :readingId`,
    { snapshot, postId: drafted.id, readingId: ids.peerReading },
  );
  await change(
    `INSERT INTO peer_rules (assignment_id, size, questions, named) SELECT assignment_id, 2, '[]', 1 FROM posts WHERE id = :postId
     ON DUPLICATE KEY UPDATE size = 2`,
    { postId: drafted.id },
  );
  const [{ assignmentId } = { assignmentId: '' }] = await database.rows<{ assignmentId: string }>(
    'SELECT assignment_id AS assignmentId FROM posts WHERE id = :id',
    { id: drafted.id },
  );
  readByPeers = assignmentId;
  await change(
    `INSERT INTO peer_words (reading_id, name, words, kept_at) VALUES (:readingId, '0', 'canarypeerwords', :now)`,
    { readingId: ids.peerReading, now },
  );
  await change(
    `INSERT INTO comments (id, post_id, author_id, text, words, written_at, state, decided_at, decided_by)
     VALUES (:id, :postId, :authorId, 'canaryhidden', 1, :now, 'keptBack', :now, :teacherId)`,
    { id: newId(), postId: published.id, authorId: taken.writerId, teacherId, now },
  );
  for (const [text, reason] of [
    ['canarywaits', 'links'],
    ['canarynumber', 'personal'],
  ] as const)
    await change(
      `INSERT INTO comments (id, post_id, author_id, text, words, written_at, state, reasons)
       VALUES (:id, :postId, :authorId, :text, 1, :now, 'waits', :reasons)`,
      {
        ...{ id: newId(), postId: published.id, authorId: ofAnother.writerId, text, now },
        reasons: JSON.stringify([{ reason, places: [{ from: 0, to: 6 }] }]),
      },
    );
  await change(
    `INSERT INTO cases (id, class_id, class_title, time_zone, kind, post_id, title, kept_html, could_read, about_name, told_by, teller,
       told_name, words, told_at, took_away, promised_reader, promised_at, told_help)
     VALUES (:id, :classId, 'Wind', 'Europe/Dublin', 'post', :postId, 'canaryworry', '<p>canaryworry</p>',
       '{"audience":"ourClass","students":23,"teachers":2,"editors":false,"peers":0}', 'Bea', :toldBy, 'student', 'Greta', 'canaryworry', :now,
       0, '', :now, '')`,
    { id: newId(), classId: ids.classId, postId: published.id, toldBy: gone.writerId, now },
  );
  const retitle = (postId: string, title: string) =>
    change(
      `UPDATE posts JOIN revisions ON revisions.post_id = posts.id SET posts.title = :title, revisions.title = :title
       WHERE posts.id = :postId`,
      { postId, title },
    );
  await retitle(taken.id, 'canarytakendown');
  await change('UPDATE publications SET until = :now WHERE post_id = :id', { id: taken.id, now });
  const file = newId();
  await change(
    `INSERT INTO handouts (id, class_id, uploaded_by, name, size, content_hash, created_at)
     VALUES (:file, :classId, :teacherId, 'canaryfile.pdf', 1, :hash, :now)`,
    { file, classId: ids.classId, teacherId, hash: 'e'.repeat(64), now },
  );
  await change("UPDATE assignments SET title = 'canaryunset', instructions = :instructions WHERE id = :id", {
    id: ids.unset,
    instructions: JSON.stringify({
      type: 'doc',
      content: [{ type: 'attachment', attrs: { file, title: 'canaryfile' } }],
    }),
  });
  await change(
    `UPDATE people SET pen_name = 'canarymoss' WHERE id IN
       (SELECT person_id FROM memberships WHERE role = 'student' AND class_id <> :classId)`,
    { classId: ids.classId },
  );
  await retitle(gone.id, 'canaryofthegone');
  await change("UPDATE people SET family_name = 'canarygone' WHERE id = :id", { id: gone.writerId });
  const deletion = { classId: ids.classId, personId: gone.writerId };
  expect((await post('/api/do/deletePerson', deletion, 'teacher')).status).toBe(200);
});
afterAll(() => beEditor('student'));

/** Every address that there is to walk to. */
function addresses(): readonly string[] {
  const at = addressesOf(ids.classId);
  return [
    ...Object.values(PAGES).map((page) => page.address()),
    ...touched.flatMap(({ id, writerId, address }) => [
      at.post(id),
      at.receipt(id),
      at.revisions(id),
      `/pile/${id}`,
      at.draft(id),
      `/left/${id}`,
      `${at.cards}?for=${writerId}`,
      ...(address ? [`/blog/wind/${address}`] : []),
    ]),
    at.assignment(ids.unset),
    at.peers(readByPeers),
    '/robots.txt',
    '/api/names',
    '/api/ready',
  ];
}

test('a word that few may read is come upon by those few alone, wherever anybody walks', async () => {
  const found: Record<string, Record<string, string>> = {};
  for (const who of EVERYBODY)
    for (const address of addresses()) {
      const answer = await get(address, who);
      const text = `${JSON.stringify([...answer.headers])} ${await answer.text()}`.toLowerCase();
      for (const word of Object.keys(FOUND_BY))
        if (new RegExp(`${word}(?![a-z])`).test(text)) (found[word] ??= {})[who] ??= address;
    }
  expect(
    Object.fromEntries(
      Object.keys(FOUND_BY).map((word) => [
        word,
        Object.entries(found[word] ?? {})
          .map(([who, address]) => (FOUND_BY[word]?.includes(who as Who) ? who : `${who} at ${address}`))
          .sort(),
      ]),
    ),
  ).toEqual(Object.fromEntries(Object.entries(FOUND_BY).map(([word, who]) => [word, [...who].sort()])));
});
