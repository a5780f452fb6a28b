import { beforeEach, describe, expect, test } from 'vitest';
import {
  addPerson,
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  whoSees,
  writePost,
} from '../../../../tests/server/house';
import type { TermShown, YearShown } from '../../../contract/gradebook/termShown';
import { FIRST_RULES } from '../../../core/gradebook/rules';
import { YEAR } from '../../../core/gradebook/terms';
import { changeYear } from '../../deeds/classes/changeYear';
import { closeTerm } from '../../deeds/gradebook/closeTerm';
import { dropColumn } from '../../deeds/gradebook/dropColumn';
import { keepColumn } from '../../deeds/gradebook/keepColumn';
import { keepFigures } from '../../deeds/gradebook/keepFigures';
import { keepFinalMark } from '../../deeds/gradebook/keepFinalMark';
import { keepRules } from '../../deeds/gradebook/keepRules';
import { openTerm } from '../../deeds/gradebook/openTerm';
import { takeOver } from '../../deeds/gradebook/takeOver';
import { weighTerms } from '../../deeds/gradebook/weighTerms';
import { giveBackGrade } from '../../deeds/reviews/giveBackGrade';
import { setGrade } from '../../deeds/reviews/setGrade';
import { askSecondReading } from '../../deeds/secondReadings/askSecondReading';
import { database } from '../../ground/database/database';
import { maybeTerm } from './viewTerm';

const house = freshHouse();
const AUTUMN = { name: 'Autumn', from: '2026-09-01', to: '2026-12-18' };
const SPRING = { name: 'Spring', from: '2027-01-07', to: '2027-03-26' };
const PLACE = { timeZone: 'Europe/Dublin', language: 'en-GB', holidays: [], schoolDays: [1] };
const BANDS = [
  { letter: 'Not yet', from: 0 },
  { letter: 'Sound', from: 70 },
];
let columnId: string;

beforeEach(async () => {
  await database.change("UPDATE memberships SET joined_at = '2026-09-01'", {});
  await succeeded(year([AUTUMN, SPRING]));
  columnId = await oral('An oral', '2026-11-10');
});
const year = (terms: readonly { readonly name: string; readonly from: string; readonly to: string }[]) =>
  as(house, 'teacher', changeYear, { classId: house.classId, ...PLACE, terms: [...terms] });
const oral = async (title: string, day: string | null) =>
  (
    await succeeded(
      as(house, 'teacher', keepColumn, {
        ...{ classId: house.classId, columnId: null, title, possible: 10, day, categoryId: null },
      }),
    )
  ).columnId;
const typed = (figure: number | null, was: number | null = null, id = columnId) =>
  succeeded(
    as(house, 'coTeacher', keepFigures, {
      classId: house.classId,
      cells: [{ columnId: id, personId: house.people.writer, figure, was }],
    }),
  );
const term = async (who: 'teacher' | 'coTeacher' = 'teacher', of = AUTUMN.from) =>
  (await maybeTerm(await deskFor(house, who), of)) as TermShown;
const theYear = async () => (await maybeTerm(await deskFor(house, 'teacher'), YEAR)) as YearShown;
const markIn = ({ students }: TermShown | YearShown, personId = house.people.writer) =>
  students.find((one) => one.personId === personId)!;
const close = async (
  more: { readonly reason?: string | null; readonly unread?: number; readonly notBack?: number } = {},
  who: 'teacher' | 'coTeacher' = 'teacher',
) => {
  const { unread, notBack } = await term();
  return as(house, who, closeTerm, {
    ...{ classId: house.classId, term: AUTUMN.from, unread, notBack, reason: 'The school wants it.' },
    ...more,
  });
};
const take = (figure: number | null, id = columnId) =>
  as(house, 'teacher', takeOver, {
    classId: house.classId,
    term: AUTUMN.from,
    figures: [{ personId: house.people.writer, columnId: id, figure }],
  });
const mark = (wanted: string | null, was: string | null = null, more: Partial<Giving> = {}) =>
  as(house, 'teacher', keepFinalMark, {
    ...{ classId: house.classId, term: AUTUMN.from, personId: house.people.writer, mark: wanted, was },
    ...{ reason: 'The oral stands in no column.', ...more },
  });
interface Giving {
  readonly term: string;
  readonly personId: string;
  readonly reason: string;
}

describe('a term', () => {
  test('is there for those who teach the class', async () => {
    const teaching = EVERYBODY.filter((who) => ['teacher', 'coTeacher', 'supplyTeacher'].includes(who));
    expect(await whoSees(house, (desk) => maybeTerm(desk, AUTUMN.from))).toEqual(teaching);
    expect(await whoSees(house, (desk) => maybeTerm(desk, YEAR))).toEqual(teaching);
    expect(await maybeTerm(await deskFor(house, 'teacher'), '2026-09-02')).toBeNull();
  });

  test('totals the columns that were due in it', async () => {
    await typed(8);
    await typed(2, null, await oral('In spring', '2027-01-07'));
    await typed(1, null, await oral('Of no day', null));
    expect(markIn(await term())).toMatchObject({ overall: 80, computed: '80' });
    expect(await term()).toMatchObject({ columns: 1, timeless: 1 });
    expect(markIn(await term('teacher', SPRING.from)).overall).toBe(20);
  });

  test('says what is not read and not given back, with the ways there', async () => {
    const assignmentId = await setWork(house, { due: '2026-11-16T16:00' });
    const postId = await writePost(house, assignmentId);
    const handInId = await handInPost(house, postId);
    expect(await term()).toMatchObject({ unread: 1, notBack: 0, posts: 1 });
    expect((await term()).left).toMatchObject([{ assignmentId, unread: 1, unreadOf: ['Wren E.'] }]);
    expect(markIn(await term())).toMatchObject({ unread: 1, firstUnread: postId });
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1.5, reason: 'The map.' }));
    expect(await term()).toMatchObject({ unread: 0, notBack: 1, figures: 1 });
    await succeeded(as(house, 'teacher', giveBackGrade, { postId, handInId, reason: '' }));
    expect(await term()).toMatchObject({ unread: 0, notBack: 0, left: [] });
  });

  test('of names that are hidden it counts what is left and tells no name', async () => {
    await handInPost(house, await writePost(house, await setWork(house, { hidesNames: true })));
    await database.change("UPDATE assignments SET due_at = '2026-11-16'", {});
    const shown = await term();
    expect(shown).toMatchObject({ unread: 1 });
    expect(shown.left).toMatchObject([{ unread: 1, unreadOf: [] }]);
    expect(markIn(shown)).toMatchObject({ unread: 0, firstUnread: null });
  });
});

describe('closing a term', () => {
  test('needs a reason while something is left, and says which marks stand so', async () => {
    await typed(8);
    expect(await close({ reason: null })).toMatchObject({ code: 'gradebook.noReason', field: 'reason' });
    expect(await close({ reason: '  ' })).toMatchObject({ code: 'gradebook.noReason' });
    await succeeded(close());
    const closed = await term();
    expect(closed.closed).toMatchObject({
      by: 'Tess Example',
      reason: 'The school wants it.',
      differences: [],
    });
    expect(markIn(closed)).toMatchObject({ overall: 80, notBack: 1 });
    expect(markIn(closed, house.people.classmate)).toMatchObject({ overall: null, notBack: 0 });
  });

  test('is refused where something changed since it was looked at, before it began, and twice', async () => {
    await typed(8);
    expect(await close({ notBack: 0 })).toMatchObject({
      code: 'gradebook.leftOtherwise',
      values: { unread: 0, notBack: 1 },
    });
    const ahead = { classId: house.classId, term: SPRING.from, unread: 0, notBack: 0, reason: null };
    expect(await as(house, 'teacher', closeTerm, ahead)).toMatchObject({ code: 'gradebook.termAhead' });
    expect(await as(house, 'teacher', closeTerm, { ...ahead, term: '2026-01-01' })).toMatchObject({
      code: 'gradebook.noTerm',
    });
    await succeeded(close());
    expect(await close()).toMatchObject({ code: 'gradebook.termClosed' });
  });

  test('is not for who reads something in it a second time, nor for who supplies', async () => {
    const assignmentId = await setWork(house, { due: '2026-11-16T16:00' });
    const postId = await writePost(house, assignmentId);
    const handInId = await handInPost(house, postId);
    const readerId = house.people.coTeacher;
    await succeeded(
      as(house, 'teacher', askSecondReading, { assignmentId, readerId, which: { kind: 'all' } }),
    );
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1, reason: 'The map.' }));
    expect(await close({}, 'coTeacher')).toMatchObject({ code: 'gradebook.readsSecond' });
    expect(await term('coTeacher')).toMatchObject({ readsSecond: true });
    expect(markIn(await term('coTeacher'))).toMatchObject({ withheld: true, overall: null });
    await succeeded(close());
    // Closed, it is withheld from them all the same.
    expect(markIn(await term('coTeacher'))).toMatchObject({ withheld: true, overall: null, computed: null });
    expect(markIn(await term())).toMatchObject({ withheld: false });
    const supplying = { classId: house.classId, term: AUTUMN.from };
    expect(await as(house, 'supplyTeacher', openTerm, supplying)).toMatchObject({ ok: false });
  });

  test('a figure that changes later is told with who and when, and counts when it is taken over', async () => {
    await typed(8);
    await succeeded(close());
    await database.change("UPDATE closed_terms SET closed_at = '2026-11-01'", {});
    await typed(9, 8);
    const { closed, students } = await term();
    expect(students.find(({ personId }) => personId === house.people.writer)?.overall).toBe(80);
    expect(closed?.differences).toMatchObject([
      {
        ...{ name: 'Wren E.', title: 'An oral', before: 8, after: 9, possible: 10 },
        ...{ total: { overall: 90 }, said: { by: 'Cory Example', self: false } },
      },
    ]);
    expect(await take(8.5)).toMatchObject({ code: 'gradebook.figureOtherwise' });
    expect(markIn(await term()).overall).toBe(80);
    await succeeded(take(9));
    expect(markIn(await term()).overall).toBe(90);
    expect((await term()).closed?.differences).toEqual([]);
    // Pressed twice it is taken once.
    expect(await take(9)).toMatchObject({ code: 'gradebook.figureOtherwise' });
  });

  test('a column that is made or goes after it is told, and other rules change nothing', async () => {
    await typed(8);
    await succeeded(close());
    const late = await oral('A test', '2026-11-12');
    await typed(2, null, late);
    await succeeded(as(house, 'teacher', dropColumn, { classId: house.classId, columnId }));
    const rules = { ...FIRST_RULES, cap: 50, places: [], version: 0 };
    await succeeded(as(house, 'teacher', keepRules, { classId: house.classId, ...rules }));
    const { closed } = await term();
    expect(closed?.otherRules).toBe(true);
    expect(closed?.differences).toMatchObject([
      { title: 'An oral', before: 8, after: null },
      { title: 'A test', before: null, after: 2 },
    ]);
    expect(markIn(await term()).overall).toBe(80);
    await succeeded(take(2, late));
    expect(markIn(await term()).overall).toBe(50);
    await succeeded(take(null));
    expect(markIn(await term()).overall).toBe(20);
  });

  test('opened again it follows the figures', async () => {
    await typed(8);
    await succeeded(close());
    await typed(9, 8);
    await succeeded(as(house, 'teacher', openTerm, { classId: house.classId, term: AUTUMN.from }));
    expect(markIn(await term()).overall).toBe(90);
    expect((await term()).closed).toBeNull();
    expect(await take(9)).toMatchObject({ code: 'gradebook.termOpen' });
    expect(await as(house, 'teacher', openTerm, { classId: house.classId, term: AUTUMN.from })).toMatchObject(
      {
        code: 'gradebook.termOpen',
      },
    );
  });

  test('its days stay as they are; those of an open one take weight and marks along', async () => {
    await typed(8);
    await succeeded(mark('85'));
    const weights = [{ term: AUTUMN.from, weight: 3 }];
    await succeeded(as(house, 'teacher', weighTerms, { classId: house.classId, weights }));
    const later = { ...AUTUMN, from: '2026-09-07' };
    await succeeded(year([later, SPRING]));
    const shown = await term('teacher', later.from);
    expect(markIn(shown).given).toMatchObject({ mark: '85' });
    expect(shown.weights[0]).toMatchObject({ weight: 3, share: 0.75 });
    await succeeded(year([AUTUMN, SPRING]));
    await succeeded(close());
    expect(await year([later, SPRING])).toMatchObject({
      code: 'class.termClosed',
      values: { name: 'Autumn' },
    });
    expect(await year([])).toMatchObject({ code: 'class.termClosed' });
    await succeeded(year([{ ...AUTUMN, name: 'First' }]));
  });
});

describe('a final mark', () => {
  test('may differ with a reason, on the school’s scale, and is taken back', async () => {
    await typed(8);
    expect(await mark('85', null, { reason: ' ' })).toMatchObject({ code: 'gradebook.noReason' });
    await succeeded(mark('85'));
    expect(markIn(await term()).given).toEqual({ mark: '85', reason: 'The oral stands in no column.' });
    const rules = { ...FIRST_RULES, bands: BANDS, places: [], version: 0 };
    await succeeded(as(house, 'teacher', keepRules, { classId: house.classId, ...rules }));
    expect(await mark('86', '85')).toMatchObject({ code: 'gradebook.noMark', field: 'mark' });
    await succeeded(mark('Not yet', '85'));
    expect(markIn(await term())).toMatchObject({ computed: 'Sound', given: { mark: 'Not yet' } });
    await succeeded(mark(null, 'Not yet'));
    expect(markIn(await term()).given).toBeNull();
  });

  test('the second of two teachers is told the first’s', async () => {
    await succeeded(mark('85'));
    expect(await mark('70')).toMatchObject({ code: 'gradebook.markOtherwise', values: { mark: '85' } });
    expect(await mark(null)).toMatchObject({ code: 'gradebook.markOtherwise' });
    // Sent twice it is given once.
    await succeeded(mark('85'));
  });

  test('is none of somebody else’s, of another term, or of a closed one', async () => {
    expect(await mark('85', null, { personId: house.people.reader })).toMatchObject({
      code: 'gradebook.nobody',
    });
    expect(await mark('85', null, { term: '2020-01-01' })).toMatchObject({ code: 'gradebook.noTerm' });
    await succeeded(close());
    expect(await mark('85')).toMatchObject({ code: 'gradebook.termClosed' });
  });
});

describe('the year', () => {
  test('weighs its terms, closed ones as they stand', async () => {
    await typed(8);
    await typed(5, null, await oral('In spring', '2027-01-07'));
    await succeeded(close());
    await typed(1, 8);
    expect(markIn(await theYear()).overall).toBe(65);
    const weights = [
      { term: AUTUMN.from, weight: 2 },
      { term: SPRING.from, weight: 1 },
    ];
    await succeeded(as(house, 'teacher', weighTerms, { classId: house.classId, weights }));
    const shown = await theYear();
    expect(markIn(shown).overall).toBe(70);
    const at = shown.students.findIndex(({ personId }) => personId === house.people.writer);
    expect(shown.totals[at]).toEqual([80, 50]);
    await succeeded(mark('75', null, { term: YEAR }));
    expect(markIn(await theYear()).given).toMatchObject({ mark: '75' });
  });

  test('weights that are all 0, or of no term, are refused', async () => {
    const none = [AUTUMN, SPRING].map(({ from }) => ({ term: from, weight: 0 }));
    expect(await as(house, 'teacher', weighTerms, { classId: house.classId, weights: none })).toMatchObject({
      code: 'gradebook.noWeight',
    });
    const other = [{ term: '2020-01-01', weight: 1 }];
    expect(await as(house, 'teacher', weighTerms, { classId: house.classId, weights: other })).toMatchObject({
      code: 'gradebook.noTerm',
    });
  });

  test('who came after a term was closed is in no mark of it', async () => {
    await succeeded(close());
    const id = await addPerson('Nova', house.classId, 'student');
    expect(markIn(await term(), id)).toBeUndefined();
    expect(markIn(await theYear(), id)).toBeDefined();
  });
});
