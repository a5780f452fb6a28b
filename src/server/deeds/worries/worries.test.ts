import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  addPerson,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writeNote,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { listAuditLines } from '../../ground/access/auditLog';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertPicture } from '../../tables/pictures';
import { updateDuty } from '../../tables/schoolDuties';
import { updatePromise } from '../../tables/schoolRules';
import { maybeFront } from '../../views/blog/viewFront';
import { maybeKept } from '../../views/blog/viewKept';
import { maybePost } from '../../views/blog/viewPost';
import { listToRead } from '../../views/today/listToRead';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { maybeCase } from '../../views/worries/viewCase';
import { listToldBy, maybePromise, maybeWorries, maybeWorriesWaiting } from '../../views/worries/viewWorries';
import { maybeCompose } from '../../views/writing/viewCompose';
import { filesIn } from '../../../../tests/server/filesIn';
import { maybeArchive } from '../archives/archivePerson';
import { runOneJob } from '../chores/runJobs';
import { writeComment } from '../comments/writeComment';
import { answerNote } from '../notes/answerNote';
import { erasePost } from '../posts/erasePost';
import { maybeShowPicture } from '../pictures/showPicture';
import { publish } from '../publications/publish';
import { openHandIn } from '../reviews/openHandIn';
import { nameForDuty } from '../administration/nameForDuty';
import { insertDailyJob } from '../../ground/jobs/queries';
import { updateRetention } from '../../tables/retention';
import { answerTeller } from './answerTeller';
import { changePromise } from './changePromise';
import { decideWords } from './decideWords';
import { keepAnswer } from './keepAnswer';
import { putWordsBack } from './putWordsBack';
import { tellWorry } from './tellWorry';
import { worryAboutHandIn } from './worryAboutHandIn';
import { worryAboutNote } from './worryAboutNote';
import { writeStep } from './writeStep';

const house = freshHouse();
let postId: string;
let handInId: string;
let safety: string;
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
const EMAIL = 'ines.safety@example.org';

beforeEach(async () => {
  ({ postId, handInId } = await acceptedPost(house));
  safety = await addPerson('Ines', null, null, 'teacher');
  await database.change('UPDATE people SET email = :email WHERE id = :safety', { email: EMAIL, safety });
});

const name = () => updateDuty(database, 'safetyPerson', safety);
const tell = (who: Who, more: object = {}, now = NOW) =>
  tellWorry(
    { blog: 'wind', post: '2-skies', words: 'This is not like her.', ...more },
    { reader: readerOf(personOf(house, who)), address: '192.0.2.7', now, wait: () => Promise.resolve() },
  );
const cases = async (personId: string, now = NOW) =>
  (await maybeWorries({ personId, language: null, now }))?.waiting ?? [];
const theCase = async (personId: string = safety, now = NOW) => {
  const [first] = await cases(personId, now);
  return first ? maybeCase(first.id, { personId, language: null, now }) : null;
};
/** Who of these reads the post on the blog now. */
async function readers(now = NOW): Promise<readonly Who[]> {
  const found: Who[] = [];
  for (const who of ['visitor', 'reader', 'classmate', 'writer', 'editor', 'teacher', 'coTeacher'] as const)
    if (await maybePost('wind', '2-skies', readerOf(personOf(house, who)), now)) found.push(who);
  return found;
}
const ALL: readonly Who[] = ['visitor', 'reader', 'classmate', 'writer', 'editor', 'teacher', 'coTeacher'];
const FEW: readonly Who[] = ['writer', 'teacher', 'coTeacher'];
/** A deed on the one case there is, by whoever looks after it. */
async function tend(deed: Parameters<typeof as>[2], input: object, now = NOW, by = safety) {
  const [{ id } = { id: '' }] = await database.rows<{ id: string }>(
    'SELECT id FROM cases ORDER BY told_at, id',
  );
  const at = { ...house, people: { ...house.people, teacher: by } };
  return as(at, 'teacher', deed as typeof decideWords, { caseId: id, ...input }, now);
}

describe('who reads a worry', () => {
  test('the safety person and the deputy, and nobody else, once the school has named them', async () => {
    await name();
    await updateDuty(database, 'deputy', house.people.coTeacher);
    await succeeded(tell('classmate'));
    for (const who of [
      'teacher',
      'administrator',
      'writer',
      'classmate',
      'supplyTeacher',
      'editor',
    ] as const) {
      const [{ id } = { id: '' }] = await database.rows<{ id: string }>('SELECT id FROM cases');
      expect([who, await maybeCase(id, { personId: house.people[who], language: null, now: NOW })]).toEqual([
        who,
        null,
      ]);
      expect([who, await maybeWorriesWaiting(house.people[who])]).toEqual([who, null]);
    }
    expect(await cases(safety)).toHaveLength(1);
    expect(await cases(house.people.coTeacher)).toHaveLength(1);
    expect(await theCase()).toMatchObject({
      about: 'Wren E.',
      teller: { kind: 'student', name: 'Mate E.' },
      words: 'This is not like her.',
      title: '2 · Skies',
      notYet: ['Cory Example'],
    });
  });

  test('until somebody is named, whoever runs the house and the teachers of the class, who are told so', async () => {
    await succeeded(tell('classmate'));
    for (const who of ['teacher', 'coTeacher', 'supplyTeacher', 'administrator'] as const)
      expect([who, (await cases(house.people[who])).length]).toEqual([who, 1]);
    expect(await maybeWorries({ personId: house.people.teacher, language: null, now: NOW })).toMatchObject({
      nobodyNamed: true,
      named: false,
    });
    expect(await theCase(house.people.teacher)).toMatchObject({ nobodyNamed: true });
  });

  test('never whose words it is about; where nobody else is named, the administrators', async () => {
    await updateDuty(database, 'safetyPerson', house.people.teacher);
    const { commentId } = await succeeded(
      as(house, 'teacher', writeComment, { postId, text: 'Hurry up, all of you.' }),
    );
    expect(await succeeded(tell('classmate', { comment: commentId }))).toMatchObject({
      reader: 'Ada Example',
    });
    expect(await cases(house.people.teacher)).toEqual([]);
    expect(await cases(house.people.coTeacher)).toEqual([]);
    expect(await cases(house.people.administrator)).toHaveLength(1);
    const [{ id } = { id: '' }] = await database.rows<{ id: string }>('SELECT id FROM cases');
    expect(await as(house, 'teacher', decideWords, { caseId: id, decision: 'back' })).toMatchObject({
      code: 'notThere',
    });
  });

  test('somebody named later reads it from then on, somebody deleted or without an account does not', async () => {
    await succeeded(tell('classmate'));
    expect(await cases(safety)).toEqual([]);
    await name();
    expect(await cases(safety)).toHaveLength(1);
    expect(await cases(house.people.teacher)).toEqual([]);
    await database.change('UPDATE people SET account = NULL WHERE id = :safety', { safety });
    expect(await cases(safety)).toEqual([]);
    expect(await cases(house.people.teacher)).toHaveLength(1);
  });

  test('nobody names a child', async () => {
    const input = { duty: 'deputy', personId: house.people.classmate } as const;
    expect(await as(house, 'administrator', nameForDuty, input)).toMatchObject({ code: 'duty.noAccount' });
    await succeeded(as(house, 'administrator', nameForDuty, { duty: 'deputy', personId: safety }));
    expect(await maybePromise(safety)).toMatchObject({ reader: 'Ines Example' });
  });
});

describe('the words', () => {
  beforeEach(name);

  test('go from the class’s screens at once where somebody of the class says so, not from the writer’s', async () => {
    expect(await readers()).toEqual(ALL);
    expect(await succeeded(tell('classmate'))).toMatchObject({ away: true, reader: 'Ines Example' });
    expect(await readers()).toEqual(FEW);
    const front = await maybeFront('wind', readerOf(house.people.classmate), NOW);
    expect(front?.posts).toEqual([]);
    expect((await maybeCompose(postId, await deskFor(house, 'writer')))?.readers).toMatchObject({
      now: 'writerAndTeachers',
      away: true,
    });
    expect(JSON.stringify(await maybeCompose(postId, await deskFor(house, 'writer')))).not.toMatch(
      /Mate|not like her/,
    );
  });

  test.each(['visitor', 'reader'] as const)('stay where a %s says so', async (who) => {
    expect(await succeeded(tell(who))).toMatchObject({ away: false });
    expect(await readers()).toEqual(ALL);
    expect(await cases(safety)).toMatchObject([{ teller: who }]);
  });

  test('go three times a week for each who says so; a fourth only tells', async () => {
    const away = [];
    const putBack = () => succeeded(as(house, 'teacher', putWordsBack, { postId, commentId: null }));
    for (const words of ['One.', 'Two.', 'Three.', 'Four.']) {
      away.push((await succeeded(tell('classmate', { words }))).away);
      await putBack();
    }
    expect(away).toEqual([true, true, true, false]);
    expect(await cases(safety)).toHaveLength(4);
    expect((await succeeded(tell('editor', { words: 'I too.' }))).away).toBe(true);
    await putBack();
    await insertDailyJob(database, 'applyRetention', later(3));
    while (await runOneJob(later(3)));
    expect((await succeeded(tell('classmate', { words: 'On Friday.' }, later(3)))).away).toBe(false);
    expect((await succeeded(tell('classmate', { words: 'Next week.' }, later(8)))).away).toBe(true);
  });

  test('kept as they stood, whatever becomes of the post, until the school’s term is over', async () => {
    await succeeded(tell('classmate'));
    const before = (await theCase())?.kept;
    expect(before?.html).toContain('grey all day');
    await erasePost(database, postId);
    expect((await theCase())?.kept).toEqual(before);
    await succeeded(tend(decideWords, { decision: 'away' }));
    await succeeded(tend(answerTeller, { answer: 'Thank you.' }));
    await updateRetention(database, 'cases', 12);
    const aDay = async (now: Date) => {
      await insertDailyJob(database, 'applyRetention', now);
      while (await runOneJob(now));
      return (await database.rows('SELECT id FROM cases')).length;
    };
    expect(await aDay(later(300))).toBe(1);
    expect(await aDay(later(400))).toBe(0);
  });

  test('a teacher puts them back at once, and sees neither who told nor the case', async () => {
    await succeeded(tell('classmate'));
    const today = await maybeTeacherToday(await desksFor(house, 'teacher'));
    expect(today?.classes[0]?.wordsAway).toEqual([{ name: 'Wren E.', href: `/pile/${postId}` }]);
    expect(JSON.stringify(today)).not.toMatch(/not like her/);
    expect(await as(house, 'writer', putWordsBack, { postId, commentId: null })).toMatchObject({
      code: 'notThere',
    });
    await succeeded(as(house, 'teacher', putWordsBack, { postId, commentId: null }));
    expect(await readers()).toEqual(ALL);
    expect((await theCase())?.events.map((one) => one.what)).toEqual(['teacherPutBack', 'opened']);
    expect(await theCase()).toMatchObject({ decision: null, away: null, settled: false });
  });

  test('once it is decided that they stay away, no teacher puts them back', async () => {
    await succeeded(tell('classmate'));
    await succeeded(tend(decideWords, { decision: 'away' }));
    expect(await as(house, 'teacher', putWordsBack, { postId, commentId: null })).toMatchObject({
      code: 'worry.decided',
    });
    expect(await readers()).toEqual(FEW);
    await succeeded(tend(decideWords, { decision: 'back' }));
    expect(await readers()).toEqual(ALL);
  });

  test('stay away from those to whom a teacher publishes them meanwhile, and after the case itself is gone', async () => {
    await succeeded(tell('classmate'));
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
    expect(await readers()).toEqual(FEW);
    await succeeded(tend(decideWords, { decision: 'away' }));
    await database.change('DELETE FROM cases');
    expect(await readers()).toEqual(FEW);
  });

  test('one of two worries about the same words that is decided leaves the other standing', async () => {
    // Both have the page open; who comes second finds the words away.
    await Promise.all([
      succeeded(tell('classmate')),
      succeeded(tell('editor', { words: 'I am worried too.' })),
    ]);
    await succeeded(tend(decideWords, { decision: 'back' }));
    expect(await readers()).toEqual(FEW);
    await succeeded(as(house, 'teacher', putWordsBack, { postId, commentId: null }));
    expect(await readers()).toEqual(ALL);
  });

  test('of a comment go alone, and are put back by a teacher who did not say them', async () => {
    const say = (who: Who, text: string) => as(house, who, writeComment, { postId, text });
    const { commentId } = await succeeded(say('writer', 'Nobody asked where I was.'));
    await succeeded(tell('classmate', { comment: commentId }));
    const seen = async (who: Who) =>
      (await maybePost('wind', '2-skies', readerOf(personOf(house, who)), NOW))?.comments?.list.length;
    expect([
      await seen('classmate'),
      await seen('editor'),
      await seen('writer'),
      await seen('teacher'),
    ]).toEqual([0, 0, 1, 1]);
    expect(await readers()).toEqual(ALL);
    await succeeded(as(house, 'coTeacher', putWordsBack, { postId, commentId }));
    expect(await seen('classmate')).toBe(1);
    const own = await succeeded(say('teacher', 'Ask me.'));
    await succeeded(tell('classmate', { comment: own.commentId, words: 'And this.' }));
    expect(await as(house, 'teacher', putWordsBack, { postId, commentId: own.commentId })).toMatchObject({
      code: 'notThere',
    });
  });
});

describe('elsewhere than on the blog', () => {
  beforeEach(name);

  test('a hand-in is told by who reads it, and no student editor reads it from then on', async () => {
    await database.change('UPDATE classes SET editors_read = 1');
    const another = await writePost(house, await setWork(house), '<p>I would rather be out there.</p>');
    await handInPost(house, another);
    const [{ receipt } = { receipt: 0 }] = await database.rows<{ receipt: number }>(
      'SELECT receipt FROM hand_ins WHERE post_id = :another',
      { another },
    );
    const kept = async (who: Who) => maybeKept('wind', receipt, personOf(house, who), NOW);
    expect(await kept('editor')).not.toBeNull();
    expect(await as(house, 'classmate', worryAboutHandIn, { postId: another, words: 'x' })).toMatchObject({
      code: 'notThere',
    });
    await succeeded(as(house, 'editor', worryAboutHandIn, { postId: another, words: 'He means it.' }));
    expect(await kept('editor')).toBeNull();
    expect(await kept('writer')).not.toBeNull();
    expect(await listToRead([await deskFor(house, 'editor')])).not.toContainEqual(
      expect.objectContaining({ writer: 'Wren E.', href: `/blog/wind/kept/${receipt}` }),
    );
    expect(await theCase()).toMatchObject({
      kind: 'handIn',
      couldRead: { audience: 'writerAndTeachers', editors: true },
    });
  });

  test('a note by its reader, an answer by a teacher; nobody else had read either, so nothing is taken away', async () => {
    await succeeded(as(house, 'teacher', openHandIn, { postId, handInId }));
    const noteId = await writeNote(house, 'teacher', { postId, handInId, text: 'You will never learn it.' });
    const about = (who: Who, what: 'note' | 'answer', words: string) =>
      as(house, who, worryAboutNote, { postId, noteId, about: what, words });
    expect(await about('classmate', 'note', 'x')).toMatchObject({ code: 'notThere' });
    expect(await about('teacher', 'answer', 'x')).toMatchObject({ code: 'notThere' });
    expect(await succeeded(about('writer', 'note', 'It hurts.'))).toMatchObject({ away: false });
    expect(await theCase()).toMatchObject({
      kind: 'note',
      about: 'Tess Example',
      decides: false,
      kept: { html: null, text: 'You will never learn it.' },
    });
    await succeeded(
      as(house, 'writer', answerNote, { postId, noteId, text: 'Nobody would miss me.', done: false }),
    );
    await succeeded(about('coTeacher', 'answer', 'Please look.'));
    expect((await cases(safety)).map((one) => [one.kind, one.about])).toContainEqual(['answer', 'Wren E.']);
    expect(await readers()).toEqual(ALL);
    expect(await tend(decideWords, { decision: 'away' })).toMatchObject({ code: 'worry.nothingToDecide' });
  });
});

describe('tending it', () => {
  beforeEach(name);

  test('who told hears by when, where else there is help, and then the answer; nobody else reads it', async () => {
    const help = 'The room by the hall is open.';
    await succeeded(as(house, 'administrator', changePromise, { minutes: 15 * 60, help }));
    expect(await succeeded(tell('classmate'))).toEqual({
      reader: 'Ines Example',
      by: expect.stringMatching(/3\spm/) as string,
      help,
      away: true,
      nobody: false,
    });
    await updatePromise(database, { minutes: 16 * 60, help: '' });
    await succeeded(tend(keepAnswer, { typed: 'It was right to' }));
    expect((await theCase())?.answerTyped).toBe('It was right to');
    const own = (who: Who) => listToldBy({ personId: personOf(house, who) ?? '', language: null, now: NOW });
    expect(await own('classmate')).toMatchObject([{ answer: null, help }]);
    await succeeded(tend(answerTeller, { answer: 'It was right to say it.' }));
    expect(await own('classmate')).toMatchObject([
      { answer: { text: 'It was right to say it.', by: 'Ines Example' } },
    ]);
    expect(await own('writer')).toEqual([]);
    expect(await tend(answerTeller, { answer: 'Or not.' })).toMatchObject({ code: 'worry.answered' });
    await succeeded(tend(answerTeller, { answer: 'It was right to say it.' }));
  });

  test('decision and answer are two acts; it is settled once both are done', async () => {
    await succeeded(tell('classmate'));
    await succeeded(tend(answerTeller, { answer: 'Thank you.' }));
    expect(await theCase()).toMatchObject({ settled: false });
    await succeeded(tend(decideWords, { decision: 'back' }));
    expect(await cases(safety)).toEqual([]);
    expect((await maybeWorries({ personId: safety, language: null, now: NOW }))?.settled).toHaveLength(1);
  });

  test('a reader who is not signed in cannot be answered, and it is settled without', async () => {
    expect(await succeeded(tell('visitor'))).toMatchObject({ by: null });
    expect(await tend(answerTeller, { answer: 'Hello?' })).toMatchObject({ code: 'worry.nobodyToAnswer' });
    await succeeded(tend(decideWords, { decision: 'back' }));
    expect(await cases(safety)).toEqual([]);
  });

  test('each opening and step stands in its own log, and none of it in the class’s', async () => {
    await succeeded(tell('classmate'));
    await theCase();
    await succeeded(tend(writeStep, { words: 'Spoke to Ms Tennant.' }, later(0.01)));
    await succeeded(tend(writeStep, { words: 'Spoke to Ms Tennant.' }, later(0.01)));
    await theCase(safety, later(1));
    expect((await theCase(safety, later(1)))?.events.map(({ what, words }) => [what, words])).toEqual([
      ['opened', null],
      ['step', 'Spoke to Ms Tennant.'],
      ['opened', null],
    ]);
    const lines = await listAuditLines(database, {
      classId: house.classId,
      before: later(2),
      most: 100,
      personId: null,
    });
    expect(lines.filter((line) => /orry|ase|tep|nswer/.test(line.useCase))).toEqual([]);
  });

  test('those who look after it get a mail with a link and no word of it', async () => {
    await succeeded(tell('classmate'));
    while (await runOneJob(NOW));
    const [mail] = await mailsTo(EMAIL);
    expect(JSON.stringify(mail)).toContain('/worries/');
    expect(JSON.stringify(mail)).not.toMatch(/Wren|Mate|like her|Skies/);
  });
});

test('it needs words, nobody buries the school under it, and what is sent twice is told once', async () => {
  await name();
  expect(await tell('visitor', { words: '  ' })).toMatchObject({ code: 'worry.noWords', field: 'words' });
  const twice = await Promise.all([tell('classmate'), tell('classmate'), tell('classmate')]);
  expect(twice.every((one) => one.ok)).toBe(true);
  expect(await cases(safety)).toHaveLength(1);
  expect(await tell('classmate')).toMatchObject({ ok: true, value: { away: true } });
  await succeeded(as(house, 'teacher', putWordsBack, { postId, commentId: null }));
  for (let times = 1; times < 8; times += 1)
    await tell('classmate', { words: `And ${times}.` }).then(() =>
      as(house, 'teacher', putWordsBack, { postId, commentId: null }),
    );
  expect(await tell('classmate', { words: 'More.' })).toMatchObject({ code: 'worry.tooMany' });
  expect((await tell('visitor')).ok).toBe(true);
});

test('400 at once of one child are eight cases at most, three of which take words away', async () => {
  await name();
  await Promise.all(Array.from({ length: 400 }, (_, index) => tell('classmate', { words: `No. ${index}` })));
  const [{ many, away } = { many: 0, away: 0 }] = await database.rows<{ many: number; away: number }>(
    'SELECT COUNT(*) AS many, CAST(SUM(took_away) AS INT) AS away FROM cases',
  );
  expect([many, away]).toEqual([8, 3]);
});

test('a teacher who reads with others’ eyes tells with their own name', async () => {
  await name();
  const told = await tellWorry(
    { blog: 'wind', post: '2-skies', words: 'Look at this.' },
    {
      reader: { ...readerOf(house.people.teacher), as: 'classmate' },
      address: '192.0.2.7',
      now: NOW,
    },
  );
  expect(told).toMatchObject({ ok: true, value: { away: true } });
  expect(await cases(safety)).toMatchObject([{ teller: 'teacher', told: 'Tess Example' }]);
});

test('who cannot read it cannot find out that it is there', async () => {
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'ourClass' }));
  expect(await tell('visitor')).toEqual(await tell('visitor', { post: 'nowhere' }));
  expect(await tell('stranger')).toMatchObject({ code: 'notThere' });
});

test('who told takes it along, and nobody else with their data', async () => {
  await name();
  await succeeded(tell('classmate'));
  const archive = async (of: Who, by: Who) =>
    JSON.stringify(
      await filesIn(
        await maybeArchive(personOf(house, of) ?? '', { personId: personOf(house, by) ?? '', now: NOW }),
      ),
    );
  expect(await archive('classmate', 'classmate')).toContain('This is not like her.');
  for (const by of ['administrator', 'teacher'] as const)
    expect(await archive('classmate', by)).not.toContain('like her');
  expect(await archive('writer', 'writer')).not.toContain('like her');
});

test('a picture in the kept words is seen by who looks after it, and by no one else because of it', async () => {
  await name();
  await succeeded(tell('classmate'));
  const id = newId();
  const own = { id, classId: house.classId, uploadedBy: house.people.writer, purpose: 'picture' } as const;
  const made = { contentHash: '4'.repeat(64), perceptualHash: '0'.repeat(16), width: 4, height: 3 };
  await insertPicture(database, { ...own, ...made, at: NOW });
  const seen = async (personId: string) =>
    (await maybeShowPicture({ id, width: 480 }, readerOf(personId), NOW)) !== null;
  expect(await seen(safety)).toBe(false);
  await database.change('UPDATE cases SET kept_html = :html', { html: `<img src="/api/pictures/${id}">` });
  expect([await seen(safety), await seen(house.people.classmate), await seen(house.people.teacher)]).toEqual([
    true,
    false,
    false,
  ]);
});
