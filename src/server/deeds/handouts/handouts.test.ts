import { expect, test } from 'vitest';
import {
  addClass,
  addMember,
  as,
  deskFor,
  EVERYBODY,
  FIELDS,
  NOW,
  personOf,
  setWork,
  succeeded,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { instructionsFrom } from '../../../core/assignments/lessonText';
import { maybeAssignmentToRead } from '../../views/assignments/viewAssignment';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertPicture } from '../../tables/pictures';
import { SHELVES } from '../../ground/storage/shelves';
import { changeAssignment } from '../assignments/changeAssignment';
import { maybeShowPicture } from '../pictures/showPicture';
import { addHandout } from './addHandout';
import { maybeShowHandout } from './showHandout';

const house = freshHouse();

const add = (who: Who, more: { readonly name?: string; readonly file?: Buffer } = {}) =>
  addHandout(
    { classId: house.classId, name: 'chart.pdf', file: Buffer.from('a chart'), ...more },
    { personId: personOf(house, who), now: NOW },
  );

const withFile = (file: string) => ({
  type: 'doc',
  content: [
    ...(instructionsFrom('Read this first.').content ?? []),
    { type: 'attachment', attrs: { file, title: 'The chart' } },
  ],
});

const change = (assignmentId: string, more: object, who: Who = 'teacher') =>
  as(house, who, changeAssignment, { assignmentId, version: 2, fields: { ...FIELDS, ...more } });

/** Everybody who is given a file. */
async function whoFetches(id: string): Promise<readonly Who[]> {
  const fetchers: Who[] = [];
  for (const who of EVERYBODY)
    if ((await maybeShowHandout(id, readerOf(personOf(house, who)), NOW)) !== null) fetchers.push(who);
  return fetchers;
}

test('teachers and student editors bring files, and only files', async () => {
  for (const who of EVERYBODY)
    expect([who, (await add(who)).ok]).toEqual([
      who,
      ['editor', 'supplyTeacher', 'coTeacher', 'teacher'].includes(who),
    ]);
  expect(await add('teacher', { file: Buffer.alloc(0) })).toMatchObject({ code: 'handout.empty' });
});

test.each([
  ['../../etc/chart.pdf', 'chart.pdf'],
  ['C:\\lessons\\chart.pdf', 'chart.pdf'],
  ['two\r\nlines.pdf', 'twolines.pdf'],
  ['', 'file'],
  [`${'x'.repeat(300)}.pdf`, `${'x'.repeat(196)}.pdf`],
])('a file named %j is called %j', async (given, name) => {
  expect(await succeeded(add('teacher', { name: given }))).toMatchObject({ name });
});

test('a file is fetched by whoever may read an assignment that has it with it', async () => {
  const { handoutId } = await succeeded(add('teacher'));
  expect(await whoFetches(handoutId)).toEqual(['teacher']);
  const assignmentId = await setWork(house, { set: false });
  await succeeded(change(assignmentId, { instructions: withFile(handoutId) }));
  expect(await whoFetches(handoutId)).toEqual(['supplyTeacher', 'coTeacher', 'teacher']);
  const set = await setWork(house);
  await succeeded(change(set, { model: { title: 'A model', body: withFile(handoutId) } }));
  expect(await whoFetches(handoutId)).toEqual([
    'classmate',
    'writer',
    'editor',
    'supplyTeacher',
    'coTeacher',
    'teacher',
  ]);
  const shown = await maybeShowHandout(handoutId, readerOf(personOf(house, 'writer')), NOW);
  expect((await shown?.read())?.toString()).toBe('a chart');
  await succeeded(
    as(house, 'teacher', changeAssignment, {
      assignmentId: set,
      version: 3,
      fields: { ...FIELDS, model: null },
    }),
  );
  expect(await whoFetches(handoutId)).toEqual(['supplyTeacher', 'coTeacher', 'teacher']);
});

test('naming a file of a class that one does not teach gives it to nobody', async () => {
  const elsewhere = await addClass('fern', 'FERN1', 'ourClass');
  await addMember(house.people.coTeacher, elsewhere, 'teacher');
  const { handoutId } = await succeeded(
    addHandout(
      { classId: elsewhere, name: 'secret.pdf', file: Buffer.from('x') },
      { personId: house.people.coTeacher, now: NOW },
    ),
  );
  const assignmentId = await setWork(house);
  await succeeded(change(assignmentId, { instructions: withFile(handoutId) }));
  expect(await whoFetches(handoutId)).toEqual(['coTeacher']);
  for (const id of ['', '../x', newId()])
    expect(await maybeShowHandout(id, readerOf(house.people.teacher), NOW)).toBeNull();
});

test('pictures in instructions are seen by who may read them; a student’s are not shown by naming them', async () => {
  const picture = async (uploadedBy: string) => {
    const id = newId();
    const row = {
      id,
      classId: house.classId,
      uploadedBy,
      contentHash: 'c'.repeat(64),
      perceptualHash: '0'.repeat(16),
    };
    await insertPicture(database, { ...row, width: 10, height: 10, purpose: 'picture', at: NOW });
    return id;
  };
  await SHELVES.pictures.store('c'.repeat(64), 480, Buffer.from('x'));
  const [own, theirs] = [await picture(house.people.teacher), await picture(house.people.classmate)];
  const shows = (src: string) => ({
    type: 'picture',
    attrs: { src },
    content: [{ type: 'caption' }, { type: 'credit' }],
  });
  const assignmentId = await setWork(house);
  await succeeded(
    change(assignmentId, { instructions: { type: 'doc', content: [shows(own), shows(theirs)] } }),
  );
  const seen = async (id: string, who: Who) =>
    (await maybeShowPicture(
      { id, width: 480 },
      { personId: personOf(house, who), device: null, as: null },
      NOW,
    )) !== null;
  expect(await seen(own, 'writer')).toBe(true);
  expect(await seen(own, 'stranger')).toBe(false);
  expect(await seen(theirs, 'writer')).toBe(false);
});

test('what students read is the document, and one that is none is refused at its field', async () => {
  const assignmentId = await setWork(house);
  const { handoutId } = await succeeded(add('teacher'));
  await succeeded(
    change(assignmentId, {
      instructions: withFile(handoutId),
      model: { title: 'So', body: instructionsFrom('One.') },
    }),
  );
  const read = await maybeAssignmentToRead(assignmentId, await deskFor(house, 'writer'));
  expect(read?.lesson).toEqual({
    instructions: `<p>Read this first.</p><a data-attachment="${handoutId}" href="/handouts/${handoutId}" download="">The chart</a>`,
    model: { title: 'So', html: '<p>One.</p>' },
  });
  const unfit = { type: 'doc', content: [{ type: 'script' }] };
  expect(await change(assignmentId, { instructions: unfit })).toMatchObject({
    code: 'assignment.notADocument',
    field: 'instructions',
  });
  expect(await change(assignmentId, { model: { title: '', body: unfit } })).toMatchObject({ field: 'model' });
});
