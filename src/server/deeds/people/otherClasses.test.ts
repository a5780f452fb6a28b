import { beforeEach, describe, expect, test } from 'vitest';
import {
  addClass,
  addPerson,
  as,
  deskFor,
  freshHouse,
  NOW,
  personOf,
  succeeded,
} from '../../../../tests/server/house';
import { linkIn, mailsTo } from '../../../../tests/support/mails';
import { filesIn } from '../../../../tests/server/filesIn';
import { findRole } from '../../ground/access/roles';
import { perform } from '../../ground/access/perform';
import type { UseCase } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { hashSecret } from '../../ground/secrets/secrets';
import { findPerson, updateLogin } from '../../tables/people';
import { findMembership } from '../../tables/memberships';
import { maybeRoster } from '../../views/roster/viewRoster';
import { changeAccount } from '../administration/changeAccount';
import { makeAccount } from '../administration/makeAccount';
import { recordConsent } from '../consents/recordConsent';
import { acceptInvitation } from '../invitations/acceptInvitation';
import { invite } from '../invitations/invite';
import { runOneJob } from '../chores/runJobs';
import { nameHandle } from '../sessions/nameHandle';
import { signIn } from '../sessions/signIn';
import { findSession } from '../sessions/session';
import { maybeArchive } from '../archives/archivePerson';
import { changePerson } from './changePerson';
import { changeRole } from './changeRole';
import { decideJoining, decideJoiningAnywhere } from './decideJoining';
import { deletePerson } from './deletePerson';
import { handOn, handOnAnybody } from './handOn';
import { importPeople } from './importPeople';
import { makePasscodes } from './makePasscodes';
import { moveStudents } from './moveStudents';
import { previewImport } from './previewImport';
import { restorePerson } from './restorePerson';
import { takeInAgain } from './takeInAgain';

const house = freshHouse();
const from = { address: '192.0.2.9', device: '', personId: null, now: NOW };
let number = 0;
let hostileClass: string;
let hostile: string;
beforeEach(async () => {
  number += 1;
  hostileClass = await addClass('fog', 'FOG12345', 'everyone');
  hostile = await addPerson('Hob', hostileClass, 'teacher');
  await database.change("UPDATE people SET school_id = 'S-1' WHERE id = :id", { id: house.people.writer });
});

const doAs = <Input, Rows, Output>(useCase: UseCase<Input, Rows, Output>, input: object) =>
  perform(useCase, input, { personId: hostile, now: NOW });
const csv = (row: string) => ({
  source: { kind: 'csv', file: Buffer.from(`name,id,email\n${row}\n`).toString('base64') },
  same: [],
  another: [],
});
const importInto = (row: string) => doAs(importPeople, { classId: hostileClass, ...csv(row) });
const logOf = async (classId: string) =>
  (
    await database.rows<{ name: string }>(
      'SELECT use_case AS name FROM audit_log WHERE class_id = :classId ORDER BY at, id',
      { classId },
    )
  ).map((line) => line.name);
const address = (who: string) => `${who}.${number}.power@example.org`;

describe('a class never becomes somebody with an account', () => {
  test('a list with an administrator’s address makes nobody, and no invitation opens the account', async () => {
    const email = address('ada');
    await updateLogin(database, {
      id: house.people.administrator,
      email,
      passwordHash: await hashSecret('seven lanterns'),
    });
    expect(
      await doAs(previewImport, { classId: hostileClass, ...csv(`Ada Example,,${email}`) }),
    ).toMatchObject({
      value: { rows: [{ outcome: 'refused', reason: 'grownUp' }] },
    });
    expect(await importInto(`Ada Example,,${email}`)).toMatchObject({ code: 'roster.nobody' });
    const asked = {
      classId: hostileClass,
      role: 'student',
      email: address('hob'),
      personId: house.people.administrator,
    };
    expect(await doAs(invite, asked)).toMatchObject({ ok: false });
    expect(await signIn({ as: 'adult', email, password: 'seven lanterns' }, from)).toMatchObject({
      ok: true,
    });
  });

  test('an invitation that was sent before somebody got an account does not open it', async () => {
    await importInto(`Nell New,,${address('nell')}`);
    const [row] = await database.rows<{ id: string }>('SELECT id FROM people WHERE email = :email', {
      email: address('nell'),
    });
    const mailbox = address('hobs.mailbox');
    await succeeded(
      doAs(invite, { classId: hostileClass, role: 'student', email: mailbox, personId: row?.id }),
    );
    await succeeded(
      as(house, 'administrator', changeAccount, { personId: row?.id, account: 'administrator' }),
    );
    while (await runOneJob(NOW));
    const token = linkIn((await mailsTo(mailbox))[0]).replace('/invitation/', '');
    const wanted = { as: 'new', token, givenName: 'Hob', familyName: '', password: 'ten wet herons' };
    expect(await acceptInvitation(wanted, from)).toMatchObject({ code: 'invitation.hasAccount' });
    expect((await findPerson(database, row?.id ?? ''))?.passwordHash).toBeNull();
  });

  test('no passcode, address or part comes to an account that waits for its password', async () => {
    const { personId } = await succeeded(
      as(house, 'administrator', makeAccount, {
        givenName: 'Nell',
        familyName: '',
        email: address('nell'),
        account: 'administrator',
      }),
    );
    // As if some earlier mistake had brought the account into the class.
    await database.change(
      "INSERT INTO memberships (class_id, person_id, role, joined_at) VALUES (:hostileClass, :personId, 'student', NOW())",
      { hostileClass, personId },
    );
    const one = { classId: hostileClass, personId };
    expect(await doAs(makePasscodes, { classId: hostileClass, personIds: [personId] })).toMatchObject({
      code: 'roster.ownSignIn',
    });
    const facts = {
      givenName: 'X',
      familyName: '',
      penName: '',
      email: address('hob'),
      schoolId: '',
      group: '',
    };
    expect(await doAs(changePerson, { ...one, ...facts })).toMatchObject({ code: 'roster.ownAccount' });
    expect(await doAs(changeRole, { ...one, role: 'studentEditor' })).toMatchObject({
      code: 'roster.ownAccount',
    });
    expect(await doAs(deletePerson, one)).toMatchObject({ code: 'roster.ownAccount' });
  });

  test('nor to somebody who comes by the school’s own sign-in', async () => {
    await database.change("UPDATE people SET school_subject = 'sub-1' WHERE id = :id", {
      id: house.people.writer,
    });
    const personIds = [house.people.writer];
    expect(await as(house, 'teacher', makePasscodes, { classId: house.classId, personIds })).toMatchObject({
      code: 'roster.ownSignIn',
    });
  });
});

describe('a child of another class', () => {
  test('is only asked for, by list, by taking in again and by moving; and is in no power meanwhile', async () => {
    const { writer } = house.people;
    expect(await importInto('Wren Example,S-1,')).toMatchObject({
      ok: true,
      value: { made: [], joined: [], asked: [writer] },
    });
    expect(await findRole(database, hostileClass, writer)).toBeNull();
    expect(await doAs(makePasscodes, { classId: hostileClass, personIds: [writer] })).toMatchObject({
      code: 'notThere',
    });
    const roster = await maybeRoster(await deskFor(house, 'teacher'));
    expect(roster?.requests.toUs).toMatchObject([{ name: 'Wren E.', personId: writer, declined: false }]);
  });

  test('joins when its own teacher or an administrator grants it, both logs say so, and nobody else can', async () => {
    await importInto('Wren Example,S-1,');
    const decision = { askingClassId: hostileClass, personId: house.people.writer, grant: true };
    expect(await doAs(decideJoining, { classId: hostileClass, ...decision })).toMatchObject({
      code: 'notThere',
    });
    expect(await as(house, 'writer', decideJoining, { classId: house.classId, ...decision })).toMatchObject({
      code: 'notThere',
    });
    await succeeded(as(house, 'coTeacher', decideJoining, { classId: house.classId, ...decision }));
    expect(await findRole(database, hostileClass, house.people.writer)).toBe('student');
    expect(await logOf(hostileClass)).toContain('grantJoining');
    expect(await logOf(house.classId)).toContain('decideJoining');

    // Passcode, particulars and consent stay with the class that made the child.
    const one = { classId: hostileClass, personId: house.people.writer };
    expect(await doAs(makePasscodes, { classId: hostileClass, personIds: [one.personId] })).toMatchObject({
      code: 'roster.otherHome',
    });
    const facts = { givenName: 'X', familyName: '', penName: '', email: '', schoolId: '', group: '' };
    expect(await doAs(changePerson, { ...one, ...facts })).toMatchObject({ code: 'roster.otherHome' });
    const consent = {
      givenBy: 'Hob',
      relation: 'self',
      purposes: ['firstName'],
      givenOn: '2026-11-01',
      until: null,
    };
    expect(
      await doAs(recordConsent, { classId: hostileClass, personIds: [one.personId], ...consent }),
    ).toMatchObject({ code: 'roster.otherHome' });
    expect(
      await doAs(invite, {
        classId: hostileClass,
        role: 'student',
        email: address('hob'),
        personId: one.personId,
      }),
    ).toMatchObject({ code: 'roster.otherHome' });
    expect(await doAs(deletePerson, one)).toMatchObject({ code: 'roster.inOtherClasses' });
    const kept = async (by: string) => {
      const files = await filesIn(await maybeArchive(one.personId, { personId: by, now: NOW }));
      return Object.keys(JSON.parse(files['person.json'] ?? '') as object);
    };
    expect(await kept(house.people.teacher)).toContain('consents');
    const there = await kept(hostile);
    expect(there).toContain('comments');
    expect(there).not.toContain('consents');
    expect(there).not.toContain('email');
  });

  test('that was let go is asked for again, and an administrator’s no is heard', async () => {
    await importInto('Wren Example,S-1,');
    const decision = { askingClassId: hostileClass, personId: house.people.writer };
    await succeeded(as(house, 'administrator', decideJoiningAnywhere, { ...decision, grant: true }));
    expect(await logOf(house.classId)).toContain('grantJoining');
    await database.change(
      'UPDATE memberships SET left_at = NOW() WHERE class_id = :hostileClass AND person_id = :id',
      {
        hostileClass,
        id: house.people.writer,
      },
    );
    expect(
      await succeeded(doAs(takeInAgain, { classId: hostileClass, personIds: [house.people.writer] })),
    ).toEqual({ asked: 1 });
    await succeeded(as(house, 'administrator', decideJoiningAnywhere, { ...decision, grant: false }));
    expect(await findRole(database, hostileClass, house.people.writer)).toBeNull();
    expect(
      await as(house, 'administrator', decideJoiningAnywhere, { ...decision, grant: true }),
    ).toMatchObject({
      code: 'notThere',
    });
  });

  test('is handed on by its home class or an administrator, to a class that it is in', async () => {
    const { writer } = house.people;
    const handing = { classId: house.classId, personId: writer, toClassId: hostileClass };
    expect(await as(house, 'teacher', handOn, handing)).toMatchObject({ code: 'roster.notInThat' });
    await importInto('Wren Example,S-1,');
    const decision = { askingClassId: hostileClass, personId: writer, grant: true };
    await succeeded(as(house, 'teacher', decideJoining, { classId: house.classId, ...decision }));
    expect(await doAs(handOn, { ...handing, classId: hostileClass })).toMatchObject({ code: 'notThere' });
    await succeeded(as(house, 'teacher', handOn, handing));
    expect(await doAs(makePasscodes, { classId: hostileClass, personIds: [writer] })).toMatchObject({
      ok: true,
    });
    expect(
      await as(house, 'teacher', makePasscodes, { classId: house.classId, personIds: [writer] }),
    ).toMatchObject({
      code: 'roster.otherHome',
    });
    await succeeded(
      as(house, 'administrator', handOnAnybody, { personId: writer, toClassId: house.classId }),
    );
    expect(await logOf(hostileClass)).toContain('handOn');
  });

  test('moves with its home where one teacher teaches both classes, and not from elsewhere', async () => {
    const { writer, teacher } = house.people;
    const second = await addClass('second', 'SECOND12', 'ourClass');
    await database.change(
      "INSERT INTO memberships (class_id, person_id, role, joined_at) VALUES (:second, :teacher, 'teacher', NOW())",
      { second, teacher },
    );
    const move = { classId: house.classId, toClassId: second, personIds: [writer] };
    await succeeded(as(house, 'teacher', moveStudents, move));
    await succeeded(as(house, 'teacher', makePasscodes, { classId: second, personIds: [writer] }));
    await database.change('UPDATE people SET home_class_id = :hostileClass WHERE id = :writer', {
      hostileClass,
      writer,
    });
    const back = { classId: second, toClassId: house.classId, personIds: [writer] };
    expect(await as(house, 'teacher', moveStudents, back)).toMatchObject({ code: 'roster.otherHome' });
    expect(await findRole(database, second, writer)).toBe('student');
  });
});

describe('a deleted person', () => {
  test('is never brought back by a list, nor by a class that does not speak for them', async () => {
    const one = { classId: house.classId, personId: house.people.writer };
    await succeeded(as(house, 'teacher', deletePerson, one));
    expect(await importInto('Wren Example,S-1,')).toMatchObject({ code: 'roster.nobody' });
    expect(
      await as(house, 'teacher', importPeople, { classId: house.classId, ...csv('Wren Example,S-1,') }),
    ).toMatchObject({ code: 'roster.nobody' });
    expect((await findPerson(database, one.personId))?.deletedAt).not.toBeNull();
    await database.change(
      "INSERT INTO memberships (class_id, person_id, role, joined_at, left_at) VALUES (:hostileClass, :id, 'student', NOW(), NOW())",
      { hostileClass, id: one.personId },
    );
    expect(await doAs(restorePerson, { ...one, classId: hostileClass })).toMatchObject({ code: 'notThere' });
    await succeeded(as(house, 'teacher', restorePerson, one));
    expect((await findMembership(database, house.classId, one.personId))?.leftAt).toBeNull();
  });

  test('signs in no more, by password, passcode or a session that is open', async () => {
    const email = address('reader');
    const { reader } = house.people;
    await updateLogin(database, { id: reader, email, passwordHash: await hashSecret('seven lanterns') });
    const open = await signIn({ as: 'adult', email, password: 'seven lanterns' }, from);
    await database.change('UPDATE people SET deleted_at = :NOW, erase_at = :NOW WHERE id = :reader', {
      NOW,
      reader,
    });
    expect(await signIn({ as: 'adult', email, password: 'seven lanterns' }, from)).toMatchObject({
      code: 'signIn.wrong.adult',
    });
    expect(await findSession(open.ok ? open.value.token : '', NOW)).toBeNull();
  });
});

test('a new passcode ends every session of the child', async () => {
  const personIds = [house.people.writer];
  const { cards } = await succeeded(
    as(house, 'teacher', makePasscodes, { classId: house.classId, personIds }),
  );
  const passcode = cards[0]?.passcode ?? '';
  const who = nameHandle(house.classId, house.people.writer);
  const opened = await succeeded(signIn({ as: 'student', code: 'WIND1', who, passcode }, from));
  await succeeded(as(house, 'teacher', makePasscodes, { classId: house.classId, personIds }));
  expect(await findSession(opened.token, NOW)).toBeNull();
});

test('two lists sent at once make everybody once, with identifiers and without', async () => {
  const lines = { kind: 'lines', text: 'Ines Marlow\nOtto Reed\nPia Sand' };
  const plain = { classId: house.classId, source: lines, same: [], another: [] };
  const marked = { classId: house.classId, ...csv('Quin Vale,S-77,quin@example.org') };
  const send = (input: object) => as(house, 'teacher', importPeople, input);
  await Promise.all([send(plain), send(plain), send(marked), send(marked), send(plain)]);
  const names = await database.rows<{ name: string }>(
    "SELECT given_name AS name FROM people WHERE given_name IN ('Ines', 'Otto', 'Pia', 'Quin') ORDER BY 1",
  );
  expect(names.map((row) => row.name)).toEqual(['Ines', 'Otto', 'Pia', 'Quin']);
});

test('of two administrators who take it from each other one stays', async () => {
  const second = await addPerson('Bea', null, null, 'administrator');
  await database.change("UPDATE people SET password_hash = 'x' WHERE account = 'administrator'");
  const ada = personOf(house, 'administrator');
  await Promise.all([
    perform(changeAccount, { personId: second, account: null }, { personId: ada, now: NOW }),
    perform(changeAccount, { personId: ada, account: null }, { personId: second, now: NOW }),
  ]);
  const left = await database.rows("SELECT id FROM people WHERE account = 'administrator'");
  expect(left.length).toBeGreaterThanOrEqual(1);
});
