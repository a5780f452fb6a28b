import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writing,
  type Who,
} from '../../../../tests/server/house';
import type { NoteTyped } from '../../../contract/notes/keepNote';
import type { Anchor } from '../../../core/notes/anchor';
import { maybeReview } from '../../views/review/viewReview';
import { maybeCompose } from '../../views/writing/viewCompose';
import { savePost } from '../posts/savePost';
import { takeBack } from '../posts/takeBack';
import { accept } from '../reviews/accept';
import { judge } from '../reviews/judge';
import { sendBack } from '../reviews/sendBack';
import { answerNote } from './answerNote';
import { dropNote } from './dropNote';
import { keepNote } from './keepNote';
import { sendNotes } from './sendNotes';
import { settleNote } from './settleNote';

const house = freshHouse();
const TEXT = '<p>It grew a second head in four minutes.</p>';
const ANCHOR: Anchor = { quote: 'a second head', prefix: 'It grew ', suffix: ' in four minutes.', start: 8 };
let postId: string;
let handInId: string;
beforeEach(async () => {
  postId = await writePost(house, await setWork(house), TEXT);
  handInId = await handInPost(house, postId);
});

interface Keeping extends Partial<NoteTyped> {
  readonly id?: string;
  readonly version?: number;
  readonly anchor?: Anchor | null;
  readonly target?: 'post' | 'passage' | 'requirement' | 'criterion' | 'picture';
  readonly targetId?: string | null;
  /** The page that sends it, and which of its saves that is. */
  readonly from?: { readonly page: string; readonly turn: number };
}

const keep = (
  who: Who,
  {
    id = 'noteaaaaaaaaaaaa',
    version = 0,
    text = 'Lovely.',
    suggested = null,
    anchor = ANCHOR,
    target = 'passage',
    targetId = null,
    from,
  }: Keeping = {},
) =>
  as(house, who, keepNote, {
    postId,
    handInId,
    noteId: id,
    target,
    targetId,
    anchor,
    text,
    suggested,
    version,
    ...from,
  });
const seenBy = async (who: 'teacher' | 'coTeacher') =>
  (await maybeReview(postId, await desksFor(house, who)))?.notes ?? [];
const seenByWriter = async () => (await maybeCompose(postId, await deskFor(house, 'writer')))?.notes ?? [];

describe('a note that is typed', () => {
  test('is its author’s alone until it is sent, and then the writer’s and the other teachers’', async () => {
    expect(await keep('teacher')).toMatchObject({ value: { kind: 'kept', version: 1 } });
    expect(await seenBy('teacher')).toMatchObject([
      { mine: true, sent: false, unsent: true, text: 'Lovely.', anchor: ANCHOR },
    ]);
    expect([await seenBy('coTeacher'), await seenByWriter()]).toEqual([[], []]);
    expect(await as(house, 'teacher', sendNotes, { postId, handInId })).toMatchObject({ value: { sent: 1 } });
    expect(await as(house, 'teacher', sendNotes, { postId, handInId })).toMatchObject({ value: { sent: 0 } });
    expect(await seenBy('coTeacher')).toMatchObject([{ mine: false, text: 'Lovely.', unsent: false }]);
    expect(await seenByWriter()).toMatchObject([{ mine: false, text: 'Lovely.', anchor: ANCHOR }]);
  });

  test('and changed after it was sent is read in the words from before until it is sent again', async () => {
    await succeeded(keep('teacher'));
    await succeeded(as(house, 'teacher', sendNotes, { postId, handInId }));
    await succeeded(keep('teacher', { version: 1, text: 'Lovely indeed.', suggested: 'two heads' }));
    expect(await seenBy('teacher')).toMatchObject([{ text: 'Lovely indeed.', sent: true, unsent: true }]);
    expect(await seenByWriter()).toMatchObject([{ text: 'Lovely.', suggested: null }]);
    await succeeded(as(house, 'teacher', sendNotes, { postId, handInId }));
    expect(await seenByWriter()).toMatchObject([{ text: 'Lovely indeed.', suggested: 'two heads' }]);
  });

  test.each([
    ['sent back', (named: { postId: string; handInId: string }) => as(house, 'teacher', sendBack, named)],
    [
      'accepted',
      async (named: { postId: string; handInId: string }) => {
        await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
        return as(house, 'teacher', accept, named);
      },
    ],
  ])('goes along when the post is %s, its author’s alone', async (_, decide) => {
    await succeeded(keep('teacher'));
    await succeeded(keep('coTeacher', { id: 'notebbbbbbbbbbbb', text: 'Half a thou' }));
    await succeeded(keep('teacher', { id: 'notecccccccccccc', text: '   ' }));
    await succeeded(decide({ postId, handInId }));
    expect((await seenByWriter()).map(({ text }) => text)).toEqual(['Lovely.']);
  });

  test('overwrites nothing that was typed on another page, and the answer says what stands there', async () => {
    await succeeded(keep('teacher'));
    await succeeded(keep('teacher', { version: 1, text: 'One.' }));
    expect(await keep('teacher', { version: 1, text: 'Two.' })).toMatchObject({
      value: { kind: 'changed', version: 2, typed: { text: 'One.', suggested: null } },
    });
    expect(await keep('teacher', { version: 2, text: 'Two.' })).toMatchObject({ value: { version: 3 } });
    // An answer that was lost on the way: the same words are sent again, on the version from before.
    expect(await keep('teacher', { version: 2, text: 'Two.' })).toMatchObject({
      value: { kind: 'kept', version: 3 },
    });
  });

  test('goes on from what the same page sent before, whose answer never came; what comes late undoes nothing newer', async () => {
    const from = (turn: number, page = 'a') => ({ page: page.repeat(32), turn });
    await succeeded(keep('teacher', { from: from(1) }));
    await succeeded(keep('teacher', { version: 1, text: 'One.', from: from(2) }));
    const kept = (version: number) => ({ value: { kind: 'kept', version } });
    expect(await keep('teacher', { version: 1, text: 'Two.', from: from(5) })).toMatchObject(kept(3));
    const changed = { value: { kind: 'changed', version: 3, typed: { text: 'Two.' } } };
    for (const late of [from(4), from(5), from(6, 'b'), undefined])
      expect(await keep('teacher', { version: 1, text: 'Late.', ...(late && { from: late }) })).toMatchObject(
        changed,
      );
    expect(await keep('teacher', { version: 3, text: 'Other page.', from: from(1, 'b') })).toMatchObject(
      kept(4),
    );
    expect(await keep('teacher', { version: 3, text: 'Three.', from: from(7) })).toMatchObject({
      value: { kind: 'changed', version: 4 },
    });
  });

  test('is forgotten when its words are taken out again before it was sent', async () => {
    await succeeded(keep('teacher'));
    expect(await keep('teacher', { version: 1, text: ' ' })).toMatchObject({ value: { version: 0 } });
    expect(await seenBy('teacher')).toEqual([]);
    expect(await keep('teacher')).toMatchObject({ value: { version: 1 } });
  });

  test('stays by the hand-in that was read, where the writer has handed in again meanwhile', async () => {
    await succeeded(keep('teacher'));
    await succeeded(
      as(house, 'writer', savePost, { postId, version: 2, writing: writing('<p>It fell apart at ten.</p>') }),
    );
    const newer = await handInPost(house, postId, new Date(NOW.getTime() + 60_000));
    expect(await keep('teacher', { version: 1, text: 'And then?' })).toMatchObject({ value: { version: 2 } });
    expect(await as(house, 'teacher', sendNotes, { postId, handInId })).toMatchObject({
      code: 'review.newerHandIn',
    });
    await succeeded(as(house, 'teacher', sendNotes, { postId, handInId: newer }));
    expect(await seenByWriter()).toMatchObject([{ text: 'And then?', anchor: ANCHOR }]);
  });

  test.each<[string, () => Promise<unknown>, object]>([
    ['another teacher’s', () => keep('coTeacher', { version: 1 }), { code: 'notes.notYours' }],
    ['the writer', () => keep('writer', { version: 1 }), { code: 'notThere' }],
    ['no passage', () => keep('teacher', { version: 1, anchor: null }), { code: 'notes.targetGone' }],
    [
      'a criterion that isn’t there',
      () => keep('teacher', { id: 'notedddddddddddd', target: 'criterion', targetId: 'nowhere' }),
      { code: 'notes.targetGone' },
    ],
    [
      'far too many characters',
      () => keep('teacher', { version: 1, text: 'a'.repeat(20_000) }),
      { ok: false, field: 'text' },
    ],
    [
      'a quote of a whole book',
      () => keep('teacher', { version: 1, anchor: { ...ANCHOR, quote: 'a'.repeat(3000) } }),
      { ok: false },
    ],
  ])('is refused: %s', async (_, attempt, refusal) => {
    await succeeded(keep('teacher'));
    expect(await attempt()).toMatchObject(refusal);
    expect(await seenBy('teacher')).toMatchObject([{ text: 'Lovely.', version: 1 }]);
  });

  test('is refused once its hand-in was taken back', async () => {
    await succeeded(keep('teacher'));
    await succeeded(as(house, 'writer', takeBack, { postId }));
    expect(await keep('teacher', { version: 1 })).toMatchObject({ code: 'notThere' });
  });
});

describe('a note that was sent', () => {
  const noteId = 'noteaaaaaaaaaaaa';
  beforeEach(async () => {
    await succeeded(keep('teacher'));
    await succeeded(as(house, 'teacher', sendNotes, { postId, handInId }));
  });

  test('is answered and done by its writer, which its teachers see', async () => {
    await succeeded(as(house, 'writer', answerNote, { postId, noteId, text: 'It fell apart!', done: false }));
    await succeeded(as(house, 'writer', answerNote, { postId, noteId, text: '', done: true }));
    const said = [
      { text: 'It fell apart!', done: false },
      { text: '', done: true },
    ];
    expect(await seenBy('coTeacher')).toMatchObject([{ answers: said }]);
    expect(await seenByWriter()).toMatchObject([{ answers: said }]);
    expect(await as(house, 'writer', answerNote, { postId, noteId, text: ' ', done: false })).toMatchObject({
      code: 'notes.emptyAnswer',
    });
  });

  test('is settled by any of its teachers, and taken up again', async () => {
    await succeeded(as(house, 'coTeacher', settleNote, { postId, noteId, settled: true }));
    expect(await seenByWriter()).toMatchObject([{ settled: true }]);
    await succeeded(as(house, 'teacher', settleNote, { postId, noteId, settled: false }));
    expect(await seenByWriter()).toMatchObject([{ settled: false }]);
  });

  test('is taken away by its author alone, with what was said to it', async () => {
    await succeeded(as(house, 'writer', answerNote, { postId, noteId, text: 'Why?', done: false }));
    expect(await as(house, 'coTeacher', dropNote, { postId, noteId })).toMatchObject({
      code: 'notes.notYours',
    });
    await succeeded(as(house, 'teacher', dropNote, { postId, noteId }));
    expect(await seenByWriter()).toEqual([]);
    expect(await as(house, 'writer', answerNote, { postId, noteId, text: 'Oh.', done: true })).toMatchObject({
      code: 'notThere',
    });
  });

  test('of another post, or one that is only typed, is not there to be answered or settled', async () => {
    const other = await writePost(house, await setWork(house), TEXT);
    const answer = { noteId, text: 'Oh.', done: true };
    expect(await as(house, 'writer', answerNote, { ...answer, postId: other })).toMatchObject({
      code: 'notThere',
    });
    const typed = 'noteeeeeeeeeeeee';
    await succeeded(keep('teacher', { id: typed, text: 'Half a thou' }));
    expect(await as(house, 'writer', answerNote, { ...answer, postId, noteId: typed })).toMatchObject({
      code: 'notThere',
    });
    expect(await as(house, 'coTeacher', settleNote, { postId, noteId: typed, settled: true })).toMatchObject({
      code: 'notThere',
    });
  });
});
