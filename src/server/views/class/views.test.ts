import { expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  deskFor,
  EVERYBODY,
  NOW,
  personOf,
  setWork,
  succeeded,
  whoSees,
  freshHouse,
} from '../../../../tests/server/house';
import { BANNERS, LETTERINGS, LOOKS } from '../../../core/looks/looks';
import { database } from '../../ground/database/database';
import { setPassphrase } from '../../deeds/passphrases/setPassphrase';
import { changeRole } from '../../deeds/people/changeRole';
import { narrowPost } from '../../deeds/publications/narrowPost';
import { publish } from '../../deeds/publications/publish';
import type { Desk } from '../../deeds/sessions/desk';
import { changeLook } from '../../deeds/classes/changeLook';
import { changePrivacy } from '../../deeds/classes/changePrivacy';
import { changeYear } from '../../deeds/classes/changeYear';
import { nameClass } from '../../deeds/classes/nameClass';
import { restClass } from '../../deeds/classes/restClass';
import {
  maybeClassFrame,
  maybeClassEnding,
  maybeClassSettings,
  maybeLook,
  maybePrivacy,
} from './viewClassPages';
import { maybeLog } from './viewLog';
import { maybeNotice } from './viewNotice';
import { maybeRoles } from './viewRoles';

const house = freshHouse();

const TEACHERS = ['coTeacher', 'teacher'];
const TAKING_OVER = ['supplyTeacher', ...TEACHERS];
const OPEN = {
  ceiling: 'everyone',
  namingRule: 'penName',
  searchEngines: true,
  editorsRead: false,
  consentNeeded: false,
} as const;

test('what there is to settle about a class is for its teachers alone', async () => {
  for (const view of [maybeClassEnding, maybePrivacy, maybeRoles])
    expect(await whoSees(house, view)).toEqual(TEACHERS);
  for (const view of [
    maybeClassFrame,
    maybeClassSettings,
    maybeLook,
    (desk: Desk) => maybeLog(desk, { before: null, person: null }),
  ])
    expect(await whoSees(house, view)).toEqual(TAKING_OVER);
  const frame = await maybeClassFrame(await deskFor(house, 'supplyTeacher'));
  expect(frame?.pages).toEqual([
    'whereWeAre',
    'settings',
    'look',
    'labels',
    'comments',
    'pictures',
    'openings',
    'log',
  ]);
});

test('a class that is not set up says which steps are done', async () => {
  await database.change('UPDATE classes SET settled_at = NULL WHERE id = :id', { id: house.classId });
  const steps = async () => {
    const frame = await maybeClassFrame(await deskFor(house, 'teacher'));
    return frame?.steps?.filter((one) => one.done).map((one) => one.step);
  };
  const { classId } = house;
  // A school has a name and students already here, and its ceiling is not the first one.
  expect(await steps()).toEqual(['names', 'privacy', 'students']);
  const terms = [{ name: 'Autumn', from: '2026-09-01', to: '2026-12-18' }];
  const year = { timeZone: 'Europe/Dublin', language: 'en-IE', terms, holidays: [], schoolDays: [1, 2, 3] };
  await succeeded(as(house, 'teacher', changeYear, { classId, ...year }));
  const look = { look: LOOKS[1], banner: BANNERS[1], lettering: LETTERINGS[1] };
  await succeeded(as(house, 'teacher', changeLook, { classId, ...look }));
  expect(await steps()).toEqual(['names', 'year', 'look', 'privacy', 'students']);
});

test('a class that is set up shows no steps, and whether it rests', async () => {
  const frame = async () => maybeClassFrame(await deskFor(house, 'teacher'));
  expect(await frame()).toMatchObject({ steps: null, resting: false, code: 'WIND1' });
  await succeeded(as(house, 'teacher', restClass, { classId: house.classId, rest: true }));
  expect(await frame()).toMatchObject({ resting: true });
});

test('settings name languages and time zones, and only its own teacher runs the class', async () => {
  const settings = await maybeClassSettings(await deskFor(house, 'teacher'));
  expect(settings).toMatchObject({ names: { title: 'Wind & Weather' }, address: 'wind' });
  expect(settings?.languages).toContainEqual({ tag: 'de-AT', name: 'Austrian German' });
  expect(settings?.timeZones).toContain('Europe/Dublin');
  expect(maybeClassEnding(await deskFor(house, 'teacher'))).toMatchObject({ runsIt: true });
  expect(maybeClassEnding(await deskFor(house, 'coTeacher'))).toMatchObject({ runsIt: false });
});

test('a language that is not offered stays when it is set', async () => {
  await database.change("UPDATE classes SET language = 'cy' WHERE id = :id", { id: house.classId });
  expect((await maybeClassSettings(await deskFor(house, 'teacher')))?.languages[0]).toEqual({
    tag: 'cy',
    name: 'Welsh',
  });
});

test('privacy shows names by each rule', async () => {
  const { postId } = await acceptedPost(house);
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
  await succeeded(as(house, 'teacher', changePrivacy, { classId: house.classId, ...OPEN }));
  const privacy = await maybePrivacy(await deskFor(house, 'teacher'));
  expect(privacy).toMatchObject({
    ...OPEN,
    passphraseSince: null,
    openable: [],
    examples: { firstName: 'Ines', penName: 'Tern' },
  });
  await succeeded(
    as(house, 'teacher', setPassphrase, { classId: house.classId, passphrase: 'salt wind harbour' }),
  );
  expect((await maybePrivacy(await deskFor(house, 'teacher')))?.passphraseSince).toContain('November');
});

test('the log tells who did what, the latest first, a page at a time', async () => {
  const teacher = await deskFor(house, 'teacher');
  for (let index = 0; index < 103; index += 1) {
    const names = { title: `Title ${index}`, groupName: '8B', subtitle: '', schoolName: '' };
    const at = new Date(NOW.getTime() - (200 - index) * 1000);
    await succeeded(as(house, 'coTeacher', nameClass, { classId: house.classId, ...names }, at));
  }
  const first = await maybeLog(teacher, { before: null, person: null });
  expect(first?.lines).toHaveLength(100);
  expect(first?.lines[0]).toMatchObject({ who: 'Cory Example', useCase: 'nameClass' });
  const rest = await maybeLog(teacher, { before: new Date(first?.earlier ?? 0), person: null });
  expect([rest?.lines.length, rest?.earlier]).toEqual([3, null]);
});

test('roles keep students apart and call teachers by their whole names', async () => {
  const roles = await maybeRoles(await deskFor(house, 'teacher'));
  expect(roles?.students.map((one) => one.name)).toEqual(['Mate E.', 'Wren E.']);
  expect(roles?.people.teacher.map((one) => one.name)).toEqual(['Tess Example']);
  expect(roles?.people.studentEditor.map((one) => one.name)).toEqual(['Edda E.']);
});

test('the privacy notice is where the class blog is, and says what is so now', async () => {
  const readers = async () => {
    const all = [];
    for (const who of EVERYBODY)
      if ((await maybeNotice('wind', personOf(house, who))) !== null) all.push(who);
    return all;
  };
  expect(await readers()).toEqual(EVERYBODY);
  expect(await maybeNotice('nowhere', null)).toBeNull();
  await setWork(house);
  const closed = { ...OPEN, ceiling: 'ourClass', searchEngines: false } as const;
  await succeeded(as(house, 'teacher', changePrivacy, { classId: house.classId, ...closed }));
  expect(await readers()).toEqual([
    'reader',
    'classmate',
    'writer',
    'editor',
    'supplyTeacher',
    'coTeacher',
    'teacher',
  ]);
  expect(await maybeNotice('wind', house.people.writer)).toMatchObject({
    teacher: 'Tess Example',
    ceiling: 'ourClass',
    namingRule: 'penName',
    hasPassphrase: false,
    sharedHours: expect.any(Number) as number,
  });
});

test('the log says whom it was about, from what to what, and is looked through for one person', async () => {
  const { postId } = await acceptedPost(house);
  await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' }));
  const { writer, classmate } = house.people;
  await succeeded(
    as(house, 'teacher', changeRole, { classId: house.classId, personId: classmate, role: 'studentEditor' }),
  );
  const lines = async (person: string | null) =>
    (await maybeLog(await deskFor(house, 'teacher'), { before: null, person }))?.lines ?? [];
  expect((await lines(null)).find((line) => line.useCase === 'narrowPost')).toMatchObject({
    who: 'Tess Example',
    administrator: false,
    whom: 'Wren E.',
    before: 'everyone',
    after: 'ourClass',
  });
  const deeds = (await lines(writer)).map((line) => line.useCase);
  expect(deeds).toContain('handIn');
  expect(deeds).toContain('narrowPost');
  expect(deeds).not.toContain('changeRole');
  expect(deeds).not.toContain('setAssignment');
});

test('who runs the install is named in the log of a class that is not theirs', async () => {
  await database.change(
    "INSERT INTO audit_log (id, class_id, actor_id, use_case, at) VALUES ('line000000000000', :classId, :ada, 'deletePerson', :NOW)",
    { classId: house.classId, ada: house.people.administrator, NOW },
  );
  const log = await maybeLog(await deskFor(house, 'teacher'), { before: null, person: null });
  expect(log?.lines.find((line) => line.useCase === 'deletePerson')).toMatchObject({
    who: 'Ada Example',
    administrator: true,
  });
});
