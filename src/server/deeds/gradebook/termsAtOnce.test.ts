import { beforeEach, describe, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, noted, ofThem } from '../../../../tests/server/atOnce';
import { as, freshHouse, succeeded } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { listOwnFigures } from '../../tables/ownColumns';
import { findOwnLine } from '../../tables/ownLines';
import { listClosedMarks, listClosedTerms, listFinalMarks } from '../../tables/terms';
import { changeYear } from '../classes/changeYear';
import { closeTerm } from './closeTerm';
import { giveBackColumn } from './giveBackColumn';
import { keepColumn } from './keepColumn';
import { keepFigures } from './keepFigures';
import { keepFinalMark } from './keepFinalMark';
import { keepOwnLine } from './keepOwnLine';
import { openTerm } from './openTerm';
import { takeMarks } from './takeMarks';
import { takeOver } from './takeOver';
import { weighTerms } from './weighTerms';

const house = freshHouse({ atOnce: true });
const TERM = { name: 'Autumn', from: '2026-09-01', to: '2026-12-18' };
const PLACE = { timeZone: 'Europe/Dublin', language: 'en-GB', holidays: [], schoolDays: [1] };
let columnId: string;
beforeEach(async () => {
  await database.change("UPDATE memberships SET joined_at = '2026-09-01'", {});
  await succeeded(as(house, 'teacher', changeYear, { classId: house.classId, ...PLACE, terms: [TERM] }));
  const column = { classId: house.classId, columnId: null, title: 'An oral', possible: 10, categoryId: null };
  ({ columnId } = await succeeded(as(house, 'teacher', keepColumn, { ...column, day: '2026-11-10' })));
});

const either = (index: number) => (index % 2 === 0 ? ('teacher' as const) : ('coTeacher' as const));
const type = (figure: number, was: number | null = null, who: 'teacher' | 'coTeacher' = 'teacher') =>
  as(house, who, keepFigures, {
    classId: house.classId,
    cells: [{ columnId, personId: house.people.writer, figure, was }],
  });
const close = (who: 'teacher' | 'coTeacher', notBack: number) =>
  as(house, who, closeTerm, {
    ...{ classId: house.classId, term: TERM.from, unread: 0, notBack },
    reason: notBack > 0 ? 'The school wants it.' : null,
  });
const take = (who: 'teacher' | 'coTeacher', figure: number) =>
  as(house, who, takeOver, {
    classId: house.classId,
    term: TERM.from,
    figures: [{ personId: house.people.writer, columnId, figure }],
  });
const total = async () =>
  (await listClosedMarks(database, house.classId)).find((one) => one.personId === house.people.writer)
    ?.overall;

describe('four hundred times at once', () => {
  test('a term is closed once, and the others are told', async () => {
    await succeeded(type(7));
    const closed = await atOnce((index) => close(either(index), 1));
    expect(ofThem(closed)).toBe(1);
    expect(codesOf(closed)).toEqual(new Set(['gradebook.termClosed']));
    expect(await listClosedTerms(database, house.classId)).toHaveLength(1);
    expect(await noted('closeTerm')).toBe(1);
  });

  test('a figure is taken over once', async () => {
    await succeeded(close('teacher', 0));
    await succeeded(type(7));
    const taken = await atOnce((index) => take(either(index), 7));
    expect(ofThem(taken)).toBe(1);
    expect(codesOf(taken)).toEqual(new Set(['gradebook.figureOtherwise']));
    expect(await total()).toBe(70);
  });

  test('a term is opened once', async () => {
    await succeeded(close('teacher', 0));
    const opened = await atOnce((index) =>
      as(house, either(index), openTerm, { classId: house.classId, term: TERM.from }),
    );
    expect(ofThem(opened)).toBe(1);
    expect(await listClosedMarks(database, house.classId)).toEqual([]);
  });

  test('of two teachers’ final marks one stands, and the others are told', async () => {
    const given = await atOnce((index) =>
      as(house, either(index), keepFinalMark, {
        ...{ classId: house.classId, term: TERM.from, personId: house.people.writer, was: null },
        ...{ mark: String(index % 2 === 0 ? 80 : 90), reason: 'The oral.' },
      }),
    );
    const [standing] = await listFinalMarks(database, house.classId);
    expect(['80', '90']).toContain(standing?.mark);
    expect(codesOf(given)).toEqual(new Set(['gradebook.markOtherwise']));
    expect(ofThem(given)).toBe(MANY / 2);
  });

  test('figures are given back, marks taken, terms weighed and lines kept once', async () => {
    await succeeded(type(7));
    const figures = [{ personId: house.people.writer, figure: 7 }];
    const asked = { classId: house.classId, columnId, figures, reason: '' };
    expect(ofThem(await atOnce((index) => as(house, either(index), giveBackColumn, asked)))).toBe(MANY);
    expect(await listOwnFigures(database, house.classId)).toMatchObject([{ back: 7 }]);
    const setup = {
      ...{ classId: house.classId, term: TERM.from, delimiter: ',', decimal: '.', headings: true },
      columns: [{ heading: 'mark', holds: 'mark' }],
    } as const;
    expect(ofThem(await atOnce((index) => as(house, either(index), takeMarks, setup)))).toBe(MANY);
    const weights = { classId: house.classId, weights: [{ term: TERM.from, weight: 2 }] };
    expect(ofThem(await atOnce((index) => as(house, either(index), weighTerms, weights)))).toBe(MANY);
    const line = { classId: house.classId, personId: house.people.writer, words: 'Asks well.', was: '' };
    expect(ofThem(await atOnce(() => as(house, 'teacher', keepOwnLine, line)))).toBe(MANY);
    const of = { classId: house.classId, teacherId: house.people.teacher, personId: house.people.writer };
    expect(await findOwnLine(database, of)).toBe('Asks well.');
  });
});

test('a term that is closed while another teacher types figures loses none: each is in its marks or waits there', async () => {
  const outcomes = await atOnce((index) =>
    index === MANY / 2 ? close('teacher', 0) : type(7, null, 'coTeacher'),
  );
  const closed = outcomes[MANY / 2];
  if (closed?.ok) {
    expect(await total()).toBeNull();
    await succeeded(take('teacher', 7));
  } else {
    expect(closed).toMatchObject({ code: 'gradebook.leftOtherwise' });
    await succeeded(close('teacher', 1));
  }
  expect(await total()).toBe(70);
});
