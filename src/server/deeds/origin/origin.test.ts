import { beforeEach, describe, expect, test } from 'vitest';
import { countStatements } from '../../../../tests/server/countStatements';
import {
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writing,
  type Who,
} from '../../../../tests/server/house';
import { sayOrigin } from '../../../../tests/server/sayOrigin';
import { MOST_CAME } from '../../../contract/origin/came';
import { database } from '../../ground/database/database';
import { listPieces, listSittings } from '../../tables/sittings';
import { findPost } from '../../tables/posts';
import { maybeOrigin } from '../../views/origin/viewOrigin';
import { listWork } from '../../views/today/listWork';
import { maybeReview } from '../../views/review/viewReview';
import { beginPost } from '../posts/beginPost';
import { restoreRevision } from '../posts/restoreRevision';
import { savePost } from '../posts/savePost';
import { takeBack } from '../posts/takeBack';
import { typeIn } from '../posts/typeIn';
import { openOrigin } from './openOrigin';
import { seeOpenings } from './seeOpenings';

const house = freshHouse();
const HOUR = 3_600_000;
const later = (hours: number) => new Date(NOW.getTime() + hours * HOUR);
const many = (count: number, word = 'w') =>
  Array.from({ length: count }, (_, index) => `${word}${index}`).join(' ');
const saySo = (originSaid: boolean, now = NOW) => succeeded(sayOrigin(house, 'teacher', originSaid, now));

let assignmentId: string;
let postId: string;

async function begin(now = NOW): Promise<string> {
  return (await succeeded(as(house, 'writer', beginPost, { assignmentId }, now))).postId;
}

/** Saves a text of one paragraph as its writer; `pasted` is the part of it that came at once. */
async function save(text: string, { now = NOW, pasted = '', way = 'pasted' } = {}) {
  const version = (await findPost(database, postId))!.version;
  const from = text.indexOf(pasted);
  const came = pasted === '' ? [] : [{ from, to: from + pasted.length, way }];
  return succeeded(
    as(house, 'writer', savePost, { postId, version, writing: writing(`<p>${text}</p>`), came }, now),
  );
}

const seenBy = async (who: Exclude<Who, 'visitor'>, now = NOW) =>
  maybeOrigin(postId, { ...(await deskFor(house, who)), now });
/** Who has a page to look at it from, but for its writer. */
const hasDesk = (who: Who): who is Exclude<Who, 'visitor' | 'administrator' | 'writer'> =>
  !['visitor', 'administrator', 'writer'].includes(who);
const open = (who: Who, now = NOW) => as(house, who, openOrigin, { postId }, now);

describe('what a save notes', () => {
  beforeEach(async () => {
    assignmentId = await setWork(house);
    postId = await begin();
  });

  test('how many words came and went in a sitting, which ends with half an hour without writing', async () => {
    await save('one two three');
    await save('one two four five', { now: later(0.4) });
    await save('one two four five six', { now: later(1) });
    await save(`one ${many(40)}`, { now: later(25), pasted: many(40) });
    expect(await listSittings(database, postId)).toEqual([
      { number: 1, day: '2026-11-17', written: 5, pasted: 0, back: 0, removed: 1 },
      { number: 2, day: '2026-11-17', written: 1, pasted: 0, back: 0, removed: 0 },
      { number: 3, day: '2026-11-18', written: 0, pasted: 40, back: 0, removed: 4 },
    ]);
  });

  test('days, and no time of day anywhere', async () => {
    await save('one two three');
    const rows = await database.rows<{ type: string }>(
      `SELECT DATA_TYPE AS type FROM information_schema.COLUMNS
       WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME IN ('sittings', 'pieces_at_once')`,
    );
    expect(rows.map(({ type }) => type).filter((type) => /time/.test(type))).toEqual([]);
  });

  test('a piece of thirty words is kept without its words', async () => {
    await save(`mine ${many(29)}`, { pasted: many(29) });
    expect(await listPieces(database, postId)).toEqual([]);
    await save(`mine ${many(29)} ${many(30, 'secret')}`, { pasted: many(30, 'secret') });
    const [piece] = await listPieces(database, postId);
    expect(piece?.words).toHaveLength(30);
    const [row] = await database.rows<{ words: Buffer }>('SELECT words FROM pieces_at_once');
    expect(row?.words.toString('latin1')).not.toContain('secret');
  });

  test('what its writer brings back from an earlier version came back, and is not written again', async () => {
    await save(many(50));
    await save('only this', { now: later(0.1) });
    const [kept] = await database.rows<{ id: string }>(
      "SELECT id FROM revisions WHERE post_id = :postId AND kind = 'saved' ORDER BY LENGTH(body) DESC",
      { postId },
    );
    const version = (await findPost(database, postId))!.version;
    await succeeded(
      as(house, 'writer', restoreRevision, { postId, version, revisionId: kept?.id }, later(0.2)),
    );
    expect(await listSittings(database, postId)).toMatchObject([{ written: 52, back: 50, removed: 52 }]);
  });

  test('nothing is counted of a save that became a branch, and none of them lost its words', async () => {
    await save('one two three');
    const branched = await as(house, 'writer', savePost, {
      ...{ postId, version: 1, writing: writing('<p>other words</p>') },
      came: [{ from: 0, to: 11, way: 'pasted' }],
    });
    expect(branched).toMatchObject({ ok: true, value: { kind: 'branched' } });
    expect(await listSittings(database, postId)).toMatchObject([{ written: 3, pasted: 0 }]);
  });

  test('places beyond the text, too many of them, and nonsense harm nothing', async () => {
    const version = (await findPost(database, postId))!.version;
    const send = (came: unknown) =>
      as(house, 'writer', savePost, { postId, version, writing: writing('<p>one two</p>'), came });
    for (const came of [
      [{ from: -1, to: 3, way: 'pasted' }],
      [{ from: 0, to: 3, way: 'stolen' }],
      Array.from({ length: MOST_CAME + 1 }, () => ({ from: 0, to: 1, way: 'pasted' })),
    ])
      expect(await send(came)).toMatchObject({ ok: false });
    await succeeded(
      send([
        { from: 900, to: 2_000_000_000, way: 'pasted' },
        { from: 5, to: 2, way: 'back' },
      ]),
    );
    expect(await listSittings(database, postId)).toMatchObject([{ written: 2, pasted: 0, back: 0 }]);
  });

  test('a hundred pieces are kept, the ones after them are counted only', async () => {
    let text = '';
    for (let piece = 0; piece < 102; piece += 1) {
      const came = many(30, `p${piece}x`);
      text = `${text} ${came}`.trim();
      await save(text, { pasted: came });
    }
    expect(await listPieces(database, postId)).toHaveLength(100);
    expect(await listSittings(database, postId)).toMatchObject([{ pasted: 102 * 30 }]);
  });

  test('a save that brings many pieces asks the database no more often than one with a few', async () => {
    const pieces = Array.from({ length: MOST_CAME }, (_, index) => many(30, `p${index}x`));
    const text = `mine ${pieces.join(' ')}`;
    const came = pieces.map((piece) => {
      const from = text.indexOf(piece);
      return { from, to: from + piece.length, way: 'pasted' };
    });
    const input = { postId, version: 1, writing: writing(`<p>${text}</p>`), came };
    expect(await countStatements(() => as(house, 'writer', savePost, input))).toBeLessThan(10);
    expect(await listPieces(database, postId)).toHaveLength(100);
  });

  test('what a teacher types in from paper is not counted as anybody’s writing', async () => {
    const { postId: typed } = await succeeded(
      as(house, 'teacher', typeIn, { assignmentId, personId: house.people.classmate }),
    );
    const version = (await findPost(database, typed))!.version;
    await succeeded(
      as(house, 'teacher', savePost, { postId: typed, version, writing: writing('<p>from paper</p>') }),
    );
    expect(await listSittings(database, typed)).toEqual([]);
    postId = typed;
    await succeeded(
      as(house, 'classmate', savePost, {
        ...{ postId, version: version + 1, writing: writing('<p>from paper mine</p>') },
      }),
    );
    expect((await seenBy('classmate'))?.shown).toMatchObject({ words: 3, before: 2, sum: { written: 1 } });
  });
});

describe('who sees where a text came from', () => {
  beforeEach(async () => {
    assignmentId = await setWork(house);
    await saySo(true);
    postId = await begin(later(1));
    await save(`mine ${many(40)} too`, { now: later(1.1), pasted: many(40) });
  });

  test('its writer at any time, of the draft', async () => {
    const seen = await seenBy('writer', later(2));
    expect(seen?.shown).toMatchObject({
      words: 42,
      before: 0,
      sum: { written: 2, pasted: 40 },
      days: 1,
      of: 1,
      pieces: [{ words: 40, standing: 40, passages: [{ from: 5, to: 5 + many(40).length }] }],
    });
  });

  test('no teacher before it is handed in, nobody else ever', async () => {
    for (const who of EVERYBODY) {
      expect(await open(who, later(2)), who).toMatchObject({ ok: false });
      if (hasDesk(who)) expect(await seenBy(who, later(2)), who).toBeNull();
    }
    await handInPost(house, postId, later(3));
    for (const who of EVERYBODY) {
      const may = who === 'teacher' || who === 'coTeacher';
      expect((await open(who, later(4))).ok, who).toBe(may);
      if (hasDesk(who)) expect((await seenBy(who, later(4))) !== null, who).toBe(may);
    }
  });

  test('a teacher once they have opened it, for half an hour; each opening is told', async () => {
    await handInPost(house, postId, later(3));
    expect(await seenBy('teacher', later(4))).toMatchObject({ shown: null, name: 'Wren' });
    await succeeded(open('teacher', later(4)));
    await succeeded(open('teacher', later(4.2)));
    expect((await seenBy('teacher', later(4.3)))?.shown).toMatchObject({ words: 42 });
    expect((await seenBy('coTeacher', later(4.3)))?.shown).toBeNull();
    expect((await seenBy('teacher', later(4.6)))?.shown).toBeNull();
    await succeeded(open('teacher', later(5)));
    await succeeded(open('coTeacher', later(5)));
    const told = async () => (await listWork(await deskFor(house, 'writer')))[0]?.originOpenedBy;
    expect(await told()).toEqual(['Cory Example', 'Tess Example']);
    expect((await seenBy('writer', later(6)))?.shown?.openings).toHaveLength(3);
    await succeeded(as(house, 'writer', seeOpenings, { postId }, later(6)));
    expect(await told()).toEqual([]);
    await succeeded(open('teacher', later(7)));
    expect(await told()).toEqual(['Tess Example']);
    const lines = await database.rows<{ subject: string }>(
      "SELECT subject_id AS subject FROM audit_log WHERE use_case = 'openOrigin'",
    );
    expect(lines.length).toBeGreaterThanOrEqual(4);
  });

  test('a teacher sees nothing of what was written after the hand-in', async () => {
    await handInPost(house, postId, later(3));
    await succeeded(as(house, 'writer', takeBack, { postId }, later(3.1)));
    await handInPost(house, postId, later(3.2));
    await save(`mine ${many(40)} too ${many(35, 'new')}`, { now: later(3.3), pasted: many(35, 'new') });
    await succeeded(open('teacher', later(4)));
    const shown = (await seenBy('teacher', later(4)))?.shown;
    expect(shown).toMatchObject({ words: 42, sum: { written: 2, pasted: 40 } });
    expect(shown?.pieces).toHaveLength(1);
    expect(JSON.stringify(shown)).not.toContain('new1');
    expect((await seenBy('writer', later(4)))?.shown).toMatchObject({ words: 77, sum: { pasted: 75 } });
  });

  test('what was taken out again is counted and not shown', async () => {
    await save('mine too', { now: later(1.2) });
    const shown = (await seenBy('writer', later(2)))?.shown;
    expect(shown).toMatchObject({ words: 2, sum: { removed: 40 }, pieces: [{ standing: 0, passages: [] }] });
    expect(JSON.stringify(shown)).not.toContain('w17');
  });

  test('a review leads there where it may be opened', async () => {
    await handInPost(house, postId, later(3));
    const review = async (who: 'teacher' | 'supplyTeacher') =>
      (await maybeReview(postId, [await deskFor(house, who)]))?.mayOpenOrigin;
    expect(await review('teacher')).toBe(true);
    expect(await review('supplyTeacher')).toBe(false);
    await saySo(false, later(4));
    expect(await review('teacher')).toBe(false);
  });
});

describe('what the class said', () => {
  beforeEach(async () => {
    assignmentId = await setWork(house);
  });

  test('holds for what is begun afterwards, and starts anew when it is said again', async () => {
    postId = await begin(NOW);
    await save('one two', { now: later(1) });
    await saySo(true, later(2));
    await handInPost(house, postId, later(3));
    expect(await open('teacher', later(4))).toMatchObject({ ok: false });
    expect(await seenBy('teacher', later(4))).toBeNull();
    expect(await seenBy('writer', later(4))).toMatchObject({ since: null });
    await saySo(false, later(5));
    await saySo(true, later(6));
    expect(await open('teacher', later(7))).toMatchObject({ ok: false });
  });

  test('is not said again by a page that does not know of it', async () => {
    await saySo(true);
    await succeeded(sayOrigin(house, 'coTeacher', undefined, later(1)));
    const [row] = await database.rows<{ since: Date }>(
      'SELECT origin_since AS since FROM classes WHERE id = :id',
      { id: house.classId },
    );
    expect(row?.since).toEqual(NOW);
  });

  test('closes what a teacher has open at once when it is taken back', async () => {
    await saySo(true);
    postId = await begin(later(1));
    await save('one two', { now: later(1.1) });
    await handInPost(house, postId, later(2));
    await succeeded(open('teacher', later(3)));
    await saySo(false, later(3.1));
    expect(await seenBy('teacher', later(3.2))).toBeNull();
  });

  test('is a teacher’s alone to say', async () => {
    for (const who of EVERYBODY) {
      const said = await sayOrigin(house, who, true);
      expect(said.ok, who).toBe(who === 'teacher' || who === 'coTeacher');
    }
  });
});

test('a teacher who wrote a post is its writer, and opens nothing behind anybody’s back', async () => {
  assignmentId = await setWork(house);
  await saySo(true);
  postId = await begin(later(1));
  await save('one two', { now: later(1.1) });
  await handInPost(house, postId, later(2));
  await database.change('UPDATE posts SET writer_id = :teacher WHERE id = :postId', {
    postId,
    teacher: personOf(house, 'teacher'),
  });
  expect(await open('teacher', later(3))).toMatchObject({ ok: false });
});
