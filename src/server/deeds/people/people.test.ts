import { describe, expect, test } from 'vitest';
import {
  addClass,
  addMember,
  addPerson,
  as,
  deskFor,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { findPost } from '../../tables/posts';
import { database } from '../../ground/database/database';
import { perform } from '../../ground/access/perform';
import { maybeRoster } from '../../views/roster/viewRoster';
import { changeClassCode } from '../classes/changeClassCode';
import { chooseSignIn } from '../classes/chooseSignIn';
import { listNames } from '../sessions/listNames';
import { findSession } from '../sessions/session';
import { nameHandle } from '../sessions/nameHandle';
import { signIn } from '../sessions/signIn';
import { changePerson } from './changePerson';
import { groupStudents } from './groupStudents';
import { importPeople } from './importPeople';
import { makePasscodes } from './makePasscodes';
import { moveStudents } from './moveStudents';
import { previewImport } from './previewImport';
import { removeStudents } from './removeStudents';
import { takeInAgain } from './takeInAgain';

const house = freshHouse({ atOnce: true });

const from = { address: '192.0.2.7', now: NOW };
const none = { same: [] as number[], another: [] as number[] };
const lines = (text: string, choices = none) => ({
  classId: house.classId,
  source: { kind: 'lines', text },
  ...choices,
});
const csv = (text: string, choices = none) => ({
  classId: house.classId,
  source: { kind: 'csv', file: Buffer.from(text).toString('base64') },
  ...choices,
});
const roster = async () => (await maybeRoster(await deskFor(house, 'teacher')))!;
const names = async () =>
  (await roster()).students
    .map((one) => `${one.givenName} ${one.familyName}`)
    // The student editor is in every class of these tests, and in none of its sentences.
    .filter((name) => name !== 'Edda Example');
const outcomes = async (input: object) =>
  (await succeeded(as(house, 'teacher', previewImport, input))).rows.map((row) => [row.row, row.outcome]);

describe('an import', () => {
  const list = 'Ines Marlow\nBram  Dekker\n12B\nWren E.\nMate Ex';

  test('is shown row by row before anything is made', async () => {
    expect(await outcomes(lines(list))).toEqual([
      [1, 'made'],
      [2, 'made'],
      [3, 'refused'],
      [4, 'same'],
      [5, 'made'],
    ]);
    expect(await names()).toEqual(['Mate Example', 'Wren Example']);
  });

  test('makes what was shown; the same list again changes nothing', async () => {
    const { made } = await succeeded(as(house, 'teacher', importPeople, lines(list)));
    expect(made).toHaveLength(3);
    expect(await names()).toEqual(['Bram Dekker', 'Ines Marlow', 'Mate Ex', 'Mate Example', 'Wren Example']);
    expect(await outcomes(lines(list))).toEqual(
      [1, 2, 3, 4, 5].map((row) => [row, row === 3 ? 'refused' : 'same']),
    );
    expect(await as(house, 'teacher', importPeople, lines(list))).toMatchObject({ code: 'roster.nobody' });
  });

  test('leaves to the teacher whether an initial is the same person', async () => {
    await succeeded(as(house, 'teacher', importPeople, lines('Senna D')));
    expect(await outcomes(lines('Senna Dahl'))).toEqual([[1, 'choice']]);
    expect(await as(house, 'teacher', importPeople, lines('Senna Dahl'))).toMatchObject({ ok: false });
    expect(await outcomes(lines('Senna Dahl', { same: [1], another: [] }))).toEqual([[1, 'same']]);
    await succeeded(as(house, 'teacher', importPeople, lines('Senna Dahl', { same: [], another: [1] })));
    expect((await names()).filter((name) => name.startsWith('Senna'))).toEqual(['Senna D', 'Senna Dahl']);
  });

  test('finds people of the school again by identifier or address, and takes them into this class too', async () => {
    const other = await addClass('third', 'THIRD1', 'ourClass');
    await addMember(house.people.teacher, other, 'teacher');
    const table =
      'name,id,email,group,pen name\nInes Marlow,s-7,Ines@example.org,Blue,Tern\nBram Dekker,s-8,,,';
    await succeeded(as(house, 'teacher', importPeople, csv(table)));
    const there = { ...csv('id,name,e-mail\ns-7,Ines,\n,Ines M,ines@EXAMPLE.org'), classId: other };
    expect(await outcomes(there)).toEqual([
      [2, 'joins'],
      [3, 'joins'],
    ]);
    const { made, joined } = await succeeded(as(house, 'teacher', importPeople, there));
    expect([made.length, new Set(joined).size]).toEqual([0, 1]);
    expect((await roster()).students.find((one) => one.givenName === 'Ines')).toMatchObject({
      email: 'ines@example.org',
      schoolId: 's-7',
      group: 'Blue',
      penName: 'Tern',
      signIn: 'noCard',
    });
  });

  test('nobody is made twice without being asked, in a list or of another class of the same teacher', async () => {
    const other = await addClass('third', 'THIRD1', 'ourClass');
    await addMember(house.people.teacher, other, 'teacher');
    await succeeded(as(house, 'teacher', importPeople, { ...lines('Ines Marlow'), classId: other }));
    const list = 'Ines Marlow\nBram Dekker\nbram dekker';
    expect(await outcomes(lines(list))).toEqual([
      [1, 'choice'],
      [2, 'made'],
      [3, 'choice'],
    ]);
    const said = lines(list, { same: [1, 3], another: [] });
    expect(await outcomes(said)).toEqual([
      [1, 'joins'],
      [2, 'made'],
      [3, 'refused'],
    ]);
    expect(await outcomes(lines(list, { same: [], another: [1, 3] }))).toEqual(
      [1, 2, 3].map((row) => [row, 'made']),
    );
    const { made, joined } = await succeeded(as(house, 'teacher', importPeople, said));
    expect([made.length, joined.length]).toEqual([1, 1]);
  });

  test('an identifier of somebody who is called otherwise asks, and belongs to one alone', async () => {
    await succeeded(as(house, 'teacher', importPeople, csv('name,id\nInes Marlow,s-7')));
    const table = 'name,id\nCorin Ashdown,s-7';
    expect(await outcomes(csv(table))).toEqual([[2, 'choice']]);
    expect(await outcomes(csv(table, { same: [2], another: [] }))).toEqual([[2, 'same']]);
    expect(await outcomes(csv(table, { same: [], another: [2] }))).toEqual([[2, 'refused']]);
  });

  test('whom other teachers speak for is neither offered nor named', async () => {
    const foreign = await addClass('fourth', 'FOURTH', 'ourClass');
    await addPerson('Nadja', foreign, 'student');
    // By name alone they are a stranger like any other.
    expect(await outcomes(lines('Nadja Example'))).toEqual([[1, 'made']]);
  });

  test('a sure match by name can be said to be another all the same', async () => {
    expect(await outcomes(lines('Wren Example'))).toEqual([[1, 'same']]);
    expect(await outcomes(lines('Wren Example', { same: [], another: [1] }))).toEqual([[1, 'made']]);
  });

  test('is made whole or not at all', async () => {
    const before = await names();
    await database.change(
      "CREATE TRIGGER refuse BEFORE INSERT ON memberships FOR EACH ROW IF NEW.group_in_class = 'last' THEN SIGNAL SQLSTATE '45000'; END IF",
    );
    try {
      const many = Array.from({ length: 700 }, (_, index) => `Child ${index},${index === 699 ? 'last' : ''}`);
      await expect(
        as(house, 'teacher', importPeople, csv(['name,group', ...many].join('\n'))),
      ).rejects.toThrow();
      expect(await names()).toEqual(before);
    } finally {
      await database.change('DROP TRIGGER refuse');
    }
  });

  test('of thousands tells how far it is', async () => {
    const many = Array.from({ length: 1200 }, (_, index) => `c${index},Given${index} Family${index}`);
    const told: [number, number][] = [];
    const input = csv(['id,name', ...many].join('\n'));
    const asker = {
      personId: house.people.teacher,
      now: NOW,
      progress: (done: number, of: number) => void told.push([done, of]),
    };
    const result = await perform(importPeople, input, asker);
    expect(result.ok).toBe(true);
    expect(told).toEqual([
      [500, 1200],
      [1000, 1200],
      [1200, 1200],
    ]);
    expect((await outcomes(input)).every(([, outcome]) => outcome === 'same')).toBe(true);
  });

  test.each([
    ['id\n7', 'roster.noNameColumn'],
    ['PK\u0003\u0004\u0000', 'roster.notCsv'],
    ['name\n"open', 'roster.openQuote'],
  ])('of a file that cannot be read says why: %j', async (text, code) => {
    expect(await as(house, 'teacher', previewImport, csv(text))).toMatchObject({
      ok: false,
      code,
      field: 'source',
    });
  });

  test('reads OneRoster files by class', async () => {
    const base64 = (...text: string[]) => Buffer.from(text.join('\n')).toString('base64');
    const source = {
      kind: 'oneRoster',
      users: base64('sourcedId,givenName,familyName', 'u1,Ines,Marlow', 'u2,Bram,Dekker'),
      enrollments: base64('classSourcedId,userSourcedId,role', 'c1,u1,student', 'c2,u2,student'),
      oneRosterClass: 'c1',
    };
    expect(await outcomes({ classId: house.classId, source, ...none })).toEqual([[2, 'made']]);
  });
});

describe('passcodes', () => {
  const card = async (personId: string) =>
    (await succeeded(as(house, 'teacher', makePasscodes, { classId: house.classId, personIds: [personId] })))
      .cards[0]!;
  const enter = (personId: string, passcode: string) =>
    signIn({ as: 'student', code: 'WIND1', who: nameHandle(house.classId, personId), passcode }, from);

  test('are seen when they are made, and only their hash is kept', async () => {
    const { passcode, kind } = await card(house.people.writer);
    expect([passcode.split(' ').length, kind]).toEqual([3, 'pictures']);
    expect(JSON.stringify(await database.rows('SELECT * FROM people'))).not.toContain(passcode);
    expect(JSON.stringify(await database.rows('SELECT * FROM audit_log'))).not.toContain(passcode);
    expect((await enter(house.people.writer, passcode)).ok).toBe(true);
  });

  test('a new one replaces the old, unlocks, and shows in the roster', async () => {
    const old = await card(house.people.writer);
    const state = async () => (await roster()).students.find((one) => one.personId === house.people.writer);
    expect((await state())?.signIn).toBe('notUsed');
    for (let tries = 0; tries < 8; tries += 1) await enter(house.people.writer, 'cup cup cup cup');
    expect(await state()).toMatchObject({ signIn: 'locked', wrongTries: 8 });
    expect(await enter(house.people.writer, old.passcode)).toMatchObject({ code: 'signIn.tooMany' });
    let fresh = await card(house.people.writer);
    // One in some thousands is drawn twice in a row.
    while (fresh.passcode === old.passcode) fresh = await card(house.people.writer);
    expect((await enter(house.people.writer, fresh.passcode)).ok).toBe(true);
    expect(await enter(house.people.writer, old.passcode)).toMatchObject({ code: 'signIn.wrong.student' });
    expect((await state())?.signIn).toBe('used');
  });

  test('may be four digits, however they are typed', async () => {
    await succeeded(
      as(house, 'teacher', chooseSignIn, {
        classId: house.classId,
        passcodeKind: 'digits',
        namesTyped: false,
      }),
    );
    const { passcode } = await card(house.people.writer);
    expect(passcode).toMatch(/^\d{4}$/);
    expect((await enter(house.people.writer, `${passcode.slice(0, 2)} ${passcode.slice(2)}`)).ok).toBe(true);
  });

  test('are never made for somebody with a sign-in of their own', async () => {
    const outsider = await addClass('third', 'THIRD1', 'ourClass');
    await addMember(house.people.coTeacher, outsider, 'student');
    await addMember(house.people.teacher, outsider, 'teacher');
    const input = { classId: outsider, personIds: [house.people.coTeacher] };
    expect(await as(house, 'teacher', makePasscodes, input)).toMatchObject({ code: 'roster.ownSignIn' });
    const stranger = { classId: house.classId, personIds: [house.people.stranger] };
    expect(await as(house, 'teacher', makePasscodes, stranger)).toMatchObject({ code: 'notThere' });
  });
});

describe('the way in', () => {
  test('a changed class code opens the same door, and ends nothing', async () => {
    const { cards } = await succeeded(
      as(house, 'teacher', makePasscodes, { classId: house.classId, personIds: [house.people.writer] }),
    );
    const passcode = cards[0]!.passcode;
    const signedIn = await signIn(
      { as: 'student', code: 'WIND1', who: nameHandle(house.classId, house.people.writer), passcode },
      from,
    );
    const { code } = await succeeded(as(house, 'teacher', changeClassCode, { classId: house.classId }));
    expect(code).toMatch(/^[A-HJ-NP-Z]{4}[2-9]{4}$/);
    expect((await listNames({ code: 'WIND1' }, from)).ok).toBe(false);
    const again = {
      as: 'student',
      code: code.toLowerCase(),
      who: nameHandle(house.classId, house.people.writer),
      passcode,
    };
    expect((await signIn(again, from)).ok).toBe(true);
    expect(signedIn.ok && (await findSession(signedIn.value.token, NOW))?.person.id).toBe(
      house.people.writer,
    );
  });

  test('where names are typed none are told, and they may be written in several ways', async () => {
    const classId = house.classId;
    await succeeded(
      as(house, 'teacher', chooseSignIn, { classId, passcodeKind: 'pictures', namesTyped: true }),
    );
    expect(await listNames({ code: 'WIND1' }, from)).toMatchObject({ value: { typed: true, names: [] } });
    const { cards } = await succeeded(
      as(house, 'teacher', makePasscodes, { classId, personIds: [house.people.writer] }),
    );
    const enter = (name: string) =>
      signIn({ as: 'student', code: 'WIND1', name, passcode: cards[0]!.passcode }, from);
    for (const name of ['wren', 'Wren E', 'WREN E.', ' wren  example '])
      expect([name, (await enter(name)).ok]).toEqual([name, true]);
    for (const name of ['Mate', 'Nobody', '']) expect([name, (await enter(name)).ok]).toEqual([name, false]);
    await addPerson('Wren', classId, 'student');
    expect((await enter('wren')).ok).toBe(false);
  });
});

describe('people of the class', () => {
  const particulars = {
    givenName: 'Wren',
    familyName: 'O’Dell',
    penName: 'Tern',
    email: '',
    schoolId: 's-1',
    group: 'Blue',
  };
  const change = (wanted: object) =>
    as(house, 'teacher', changePerson, {
      classId: house.classId,
      personId: house.people.writer,
      ...particulars,
      ...wanted,
    });

  test('can be named, grouped and found', async () => {
    await succeeded(change({}));
    expect((await roster()).students.find((one) => one.personId === house.people.writer)).toMatchObject({
      name: 'Wren O.',
      penName: 'Tern',
      group: 'Blue',
      schoolId: 's-1',
    });
    const both = { classId: house.classId, personIds: [house.people.writer, house.people.classmate] };
    await succeeded(as(house, 'teacher', groupStudents, { ...both, group: 'Red' }));
    expect((await roster()).students.map((one) => one.group)).toEqual(['', 'Red', 'Red']);
  });

  test.each([
    [{ givenName: ' ' }, 'roster.noName', 'givenName'],
    [{ familyName: 'x'.repeat(120) }, 'roster.nameTooLong', 'familyName'],
    [{ email: 'wren at example.org' }, 'roster.notAnAddress', 'email'],
    [{ email: 'Taken@example.org' }, 'roster.addressTaken', 'email'],
    [{ schoolId: 'taken' }, 'roster.idTaken', 'schoolId'],
  ])('%j is refused at its field', async (wanted, code, field) => {
    await database.change(
      "UPDATE people SET email = 'taken@example.org', school_id = 'taken' WHERE id = :id",
      {
        id: house.people.classmate,
      },
    );
    expect(await change(wanted)).toMatchObject({ ok: false, code, field });
  });

  test('who leaves takes nothing away, can no longer come in, and can be taken in again', async () => {
    const assignmentId = await setWork(house);
    const postId = await writePost(house, assignmentId);
    const them = { classId: house.classId, personIds: [house.people.writer] };
    await succeeded(as(house, 'teacher', removeStudents, them));
    expect((await roster()).gone).toMatchObject([{ personId: house.people.writer, posts: 1 }]);
    expect((await listNames({ code: 'WIND1' }, from)).ok && (await names())).toEqual(['Mate Example']);
    expect(await findPost(database, postId)).not.toBeNull();
    expect(await as(house, 'teacher', removeStudents, them)).toMatchObject({ code: 'notThere' });
    await succeeded(as(house, 'teacher', takeInAgain, them));
    expect(await names()).toEqual(['Mate Example', 'Wren Example']);
  });

  test('can be moved only between classes that the teacher runs', async () => {
    const other = await addClass('third', 'THIRD1', 'ourClass');
    const input = { classId: house.classId, toClassId: other, personIds: [house.people.writer] };
    expect(await as(house, 'teacher', moveStudents, input)).toMatchObject({ code: 'notThere' });
    await addMember(house.people.teacher, other, 'coTeacher');
    await succeeded(as(house, 'teacher', moveStudents, input));
    expect(await names()).toEqual(['Mate Example']);
    expect((await roster()).gone).toHaveLength(1);
  });

  test('are listed for teachers alone', async () => {
    expect(await whoSees(house, maybeRoster)).toEqual(['coTeacher', 'teacher']);
  });
});
