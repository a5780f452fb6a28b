import { expect, test } from 'vitest';
import { atOnce, codesOf, MANY, noted, ofThem } from '../../../../../tests/server/atOnce';
import {
  acceptedPost,
  as,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  writePost,
  writeNote,
} from '../../../../../tests/server/house';
import { decideComment, takeBackComment } from '../../../deeds/comments/decideComment';
import { writeComment } from '../../../deeds/comments/writeComment';
import { takeBack } from '../../../deeds/posts/takeBack';
import type { NoteKept } from '../../../../contract/notes/keepNote';
import { answerNote } from '../../../deeds/notes/answerNote';
import { keepNote } from '../../../deeds/notes/keepNote';
import { sendNotes } from '../../../deeds/notes/sendNotes';
import { accept } from '../../../deeds/reviews/accept';
import type { Result } from '../useCase';
import { giveBackGrade } from '../../../deeds/reviews/giveBackGrade';
import { judge } from '../../../deeds/reviews/judge';
import { judgeRequirement } from '../../../deeds/reviews/judgeRequirement';
import { openHandIn } from '../../../deeds/reviews/openHandIn';
import { sendBack } from '../../../deeds/reviews/sendBack';
import { setGrade } from '../../../deeds/reviews/setGrade';
import { listJudgements } from '../../../tables/judgements';
import { database } from '../../database/database';
import { LIMITS } from '../../limits/limits';

const house = freshHouse({ atOnce: true });
const count = async (table: string) => (await database.rows(`SELECT 1 FROM ${table}`)).length;

async function handedIn() {
  const postId = await writePost(house, await setWork(house));
  return { postId, handInId: await handInPost(house, postId) };
}

test('accepted and sent back by two teachers at once: as many decisions as lines, each after another', async () => {
  const named = await handedIn();
  await succeeded(as(house, 'teacher', openHandIn, named));
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
  const outcomes = await atOnce((index) =>
    index % 2 ? as(house, 'teacher', accept, named) : as(house, 'coTeacher', sendBack, named),
  );
  // A teacher may think again: what is refused is the same decision twice.
  // Who presses hundreds of times at once fills the line in which their posts are looked through.
  const codes = [...codesOf(outcomes)].filter((code) => code !== 'sameMoment');
  expect(codes).toEqual(['post.cannotFollow']);
  expect(await count('decisions')).toBe(ofThem(outcomes));
  const [accepted, back] = [await noted('accept'), await noted('sendBack')];
  expect(Math.abs(accepted - back)).toBeLessThanOrEqual(1);
  expect(await database.rows('SELECT 1 FROM publications WHERE until IS NULL')).toHaveLength(1);
});

test('opened by the teacher while its writer takes it back: one of the two', async () => {
  const named = await handedIn();
  const outcomes = await atOnce((index) =>
    index % 2
      ? as(house, 'teacher', openHandIn, named)
      : as(house, 'writer', takeBack, { postId: named.postId }),
  );
  const opened = ofThem(outcomes, (index) => index % 2 === 1);
  const taken = ofThem(outcomes, (index) => index % 2 === 0);
  expect([opened > 0, taken > 0].filter(Boolean)).toHaveLength(1);
  expect(taken).toBeLessThanOrEqual(1);
  expect(await count('readings')).toBe(opened > 0 ? 1 : 0);
});

test('judged, graded and given back at once, every figure is one that somebody chose', async () => {
  const named = await handedIn();
  const outcomes = await atOnce((index) => {
    const who = index % 2 ? 'teacher' : 'coTeacher';
    const ways = [
      () => as(house, who, judge, { ...named, criterionId: 'noticing', level: index % 2 }),
      () => as(house, who, judgeRequirement, { ...named, requirementId: 'words', judgement: 'partly' }),
      () => as(house, who, setGrade, { ...named, grade: 3 + (index % 2), reason: 'Read it aloud' }),
      () => as(house, who, giveBackGrade, named),
    ];
    return ways[index % 4]!();
  });
  expect(codesOf(outcomes)).not.toContain('sameMoment');
  const figures = await database.rows<{ figure: string | null; back: Date | null }>(
    'SELECT figure, given_back_at AS back FROM grade_figures ORDER BY ordinal',
  );
  // What was said holds until the next says another figure; what is given back is the figure that holds.
  const said = figures.filter(({ back }) => back === null).map(({ figure }) => Number(figure));
  expect(said.every((figure, index) => [3, 4].includes(figure) && figure !== said[index - 1])).toBe(true);
  expect(
    figures.every(
      ({ figure, back }, index) => back === null || figure === (figures[index - 1]?.figure ?? null),
    ),
  ).toBe(true);
  expect(figures.some(({ back }) => back !== null)).toBe(true);
  expect(await count('judgements')).toBe(1);
  expect(await listJudgements(database, named.postId)).toHaveLength(1);
});

const NOTE = { target: 'post', targetId: null, anchor: null, suggested: null } as const;
const kept = (outcomes: readonly Result<unknown>[]) =>
  outcomes.flatMap((one) => (one.ok ? [(one.value as NoteKept).kind] : []));

test('a note that is kept again and again stands once; what was typed on an older version overwrites nothing', async () => {
  const named = await handedIn();
  const noteId = 'noteofthecrowd00';
  const outcomes = await atOnce((index) =>
    as(house, 'teacher', keepNote, { ...named, noteId, ...NOTE, text: `Look up ${index}.`, version: 0 }),
  );
  expect(ofThem(outcomes)).toBe(MANY);
  expect(await count('notes')).toBe(1);
  const [row] = await database.rows<{ version: number }>('SELECT version FROM notes');
  expect(kept(outcomes).filter((kind) => kind === 'kept')).toHaveLength(row?.version ?? 0);
  const sent = await atOnce(() => as(house, 'teacher', sendNotes, named));
  expect(sent.filter((one) => one.ok && (one.value as { sent: number }).sent === 1)).toHaveLength(1);
});

test('as many notes as somebody begins at once stand, up to a bound; another teacher’s are never changed', async () => {
  const named = await handedIn();
  const outcomes = await atOnce((index) =>
    as(house, 'teacher', keepNote, {
      ...named,
      noteId: `note${String(index).padStart(12, '0')}`,
      ...NOTE,
      text: `Note ${index}`,
      version: 0,
    }),
  );
  expect(codesOf(outcomes)).toEqual(new Set(['notes.tooMany']));
  expect(await count('notes')).toBe(300);
  const theirs = { ...named, noteId: 'note000000000000', ...NOTE, text: 'Mine now.', version: 0 };
  const others = await atOnce(() => as(house, 'coTeacher', keepNote, theirs));
  expect(others.every((one) => !one.ok)).toBe(true);
  expect(await database.rows("SELECT 1 FROM notes WHERE typed = 'Mine now.'")).toEqual([]);
});

test('notes go along with one decision, also while they are being typed: each is sent whole or waits whole', async () => {
  const named = await handedIn();
  const noteId = 'halfwritten00000';
  await succeeded(as(house, 'teacher', keepNote, { ...named, noteId, ...NOTE, text: 'Whole.', version: 0 }));
  const outcomes = await atOnce((index) =>
    index === 7
      ? as(house, 'teacher', sendBack, named)
      : as(house, 'teacher', keepNote, {
          ...named,
          noteId,
          ...NOTE,
          text: `Whole ${index}.`,
          version: index,
        }),
  );
  expect(codesOf(outcomes)).not.toContain('sameMoment');
  const [row] = await database.rows<{ typed: string; sent: string | null }>('SELECT typed, sent FROM notes');
  expect(row?.sent).toMatch(/^Whole( \d+)?\.$/);
});

test('an answer that is sent again and again stands once, and a flood ends at its bound', async () => {
  const named = await handedIn();
  const noteId = await writeNote(house, 'teacher', { ...named, text: 'Which way?' });
  const { postId } = named;
  const said = { postId, noteId, text: 'From the west.', done: true };
  expect(ofThem(await atOnce(() => as(house, 'writer', answerNote, said)))).toBe(MANY);
  expect(await count('note_answers')).toBe(1);
  await atOnce((index) => as(house, 'writer', answerNote, { ...said, text: `From ${index}.` }));
  expect(await count('note_answers')).toBe(50);
});

test('a comment that is sent again and again stands once, and a flood ends at its bound', async () => {
  const { postId } = await acceptedPost(house);
  const again = await atOnce(() =>
    as(house, 'classmate', writeComment, { postId, text: 'Grey is a colour too.' }),
  );
  expect(new Set(again.map((one) => one.ok && (one.value as { commentId: string }).commentId)).size).toBe(1);
  const flood = await atOnce((index) =>
    as(house, 'classmate', writeComment, { postId, text: `Grey ${index}` }),
  );
  expect(codesOf(flood)).toEqual(new Set(['comment.tooMany']));
  expect(await count('comments')).toBe(LIMITS.comments.most);
});

test('hidden by teachers and taken back by its writer at once, a comment is gone once', async () => {
  const { postId } = await acceptedPost(house);
  const { commentId } = await succeeded(as(house, 'classmate', writeComment, { postId, text: 'Grey.' }));
  const outcomes = await atOnce((index) =>
    index % 2
      ? as(house, 'teacher', decideComment, { commentId, state: 'keptBack', version: 1, keptFor: null })
      : as(house, 'classmate', takeBackComment, { commentId }),
  );
  expect(ofThem(outcomes, (index) => index % 2 === 0)).toBe(1);
  expect(await noted('takeBackComment')).toBe(1);
  expect(await count('comments')).toBe(0);
});
