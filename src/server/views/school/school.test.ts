import { expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { nameForDuty } from '../../deeds/administration/nameForDuty';
import { tellWorry } from '../../deeds/worries/tellWorry';
import { maybeCase } from '../worries/viewCase';
import { maybeWorries } from '../worries/viewWorries';
import { maybeSchoolWatch } from './viewSchool';

const house = freshHouse();
const WEEKS = 14 * 86_400_000;
const watch = (personId: string, now = NOW) => maybeSchoolWatch({ personId, language: null, now });

test('the head sees how long posts and worries wait, and no name, word or figure of a child', async () => {
  await acceptedPost(house);
  const waiting = await writePost(house, await setWork(house), '<p>nobody would miss me</p>');
  await handInPost(house, waiting);
  await succeeded(
    tellWorry(
      { blog: 'wind', post: '2-skies', words: 'This is not like her.' },
      { reader: readerOf(house.people.classmate), address: '192.0.2.7', now: NOW },
    ),
  );
  const head = house.people.coTeacher;
  expect(await watch(head)).toBeNull();
  await succeeded(as(house, 'administrator', nameForDuty, { duty: 'head', personId: head }));
  const seen = await watch(head, new Date(NOW.getTime() + WEEKS));
  expect(seen).toMatchObject({
    worries: [{ late: true, answered: null, decided: false, settled: false }],
    classes: [
      { waiting: 1, long: true },
      { waiting: 0, oldest: null, long: false },
    ],
  });
  expect(JSON.stringify(seen)).not.toMatch(/Wren|Mate|like her|miss me|Skies/);
});

test('nobody else sees it, and a head tends no worry by being head', async () => {
  await acceptedPost(house);
  await succeeded(
    as(house, 'administrator', nameForDuty, { duty: 'head', personId: house.people.coTeacher }),
  );
  await succeeded(
    as(house, 'administrator', nameForDuty, { duty: 'safetyPerson', personId: house.people.administrator }),
  );
  await succeeded(
    tellWorry(
      { blog: 'wind', post: '2-skies', words: 'Look.' },
      { reader: readerOf(house.people.classmate), address: '192.0.2.7', now: NOW },
    ),
  );
  for (const who of ['administrator', 'teacher', 'writer', 'stranger'] as const)
    expect([who, await watch(personOf(house, who) ?? '')]).toEqual([who, null]);
  const own = { personId: house.people.coTeacher, language: null, now: NOW };
  expect(await maybeWorries(own)).toBeNull();
  const [worry] = (await watch(house.people.coTeacher))?.worries ?? [];
  expect(await maybeCase(worry?.id ?? '', own)).toBeNull();
});
