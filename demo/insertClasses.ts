import { addDays, instantOf, localDate } from '../src/core/timing/zonedTime';
import { inTransaction } from '../src/server/ground/database/database';
import { newId } from '../src/server/ground/database/newId';
import { insertClass } from '../src/server/tables/classes';
import { updateLook, updateYear } from '../src/server/tables/classSettings';
import { updateHomeClass } from '../src/server/tables/joinRequests';
import { insertLabel } from '../src/server/tables/labels';
import { keepLeftLine } from '../src/server/tables/leftLines';
import { insertMembership, setMembership, updateGroup } from '../src/server/tables/memberships';
import { CLASS_LABELS } from './assignments';
import { OTHER_STUDENTS, STUDENTS } from './people';

const HOUR = 3_600_000;

/** So long the classes have been there. */
const SINCE = 90 * 86_400_000;
export const TIME_ZONE = 'Europe/Dublin';
/** With which children come in. */
export const CODE = { weather: 'QUAY2418', garden: 'MOSS5520' };

/** What the class's teacher leaves to who takes over. */
const LEFT_LINE =
  'Give them Tuesday to ask their storm people. If the fog comes, go out and look at it. Rafi may say his aloud, he knows how.';

/** The class whose blog the demo shows, with its people. @param people their ids, by key */
export async function insertWeatherClass(people: ReadonlyMap<string, string>, now: Date): Promise<string> {
  const id = newId();
  await inTransaction(async (transaction) => {
    await insertClass(transaction, {
      id,
      address: 'wind',
      title: 'Wind & Weather',
      groupName: '8B',
      subtitle: 'What 8B sees from the harbour wall',
      schoolName: 'Alder Quay School',
      code: CODE.weather,
      timeZone: TIME_ZONE,
      language: 'en-GB',
      ceiling: 'everyone',
      namingRule: 'firstNameAndInitial',
      passcodeKind: 'pictures',
      namesTyped: false,
      consentNeeded: true,
      settledAt: now,
      createdAt: now,
    });
    const today = localDate(now.getTime(), TIME_ZONE);
    const day = (days: number) => addDays(today, days);
    await updateYear(transaction, {
      ...{ classId: id, timeZone: TIME_ZONE, language: 'en-GB', schoolDays: [1, 2, 3, 4, 5] },
      terms: [
        { name: 'First term', from: day(-92), to: day(17) },
        { name: 'Second term', from: day(18), to: day(124) },
        { name: 'Third term', from: day(125), to: day(300) },
      ],
      holidays: [],
    });
    for (const [label, meaning = '', drawing = null] of CLASS_LABELS)
      await insertLabel(transaction, id, label, { meaning, drawing });
    const members = [
      ['marisol', 'teacher'] as const,
      ['idris', 'coTeacher'] as const,
      ...STUDENTS.map((student) => [student.key, 'student'] as const),
    ];
    for (const [key, role] of members)
      await insertMembership(transaction, {
        classId: id,
        personId: people.get(key) ?? '',
        role,
        joinedAt: new Date(now.getTime() - SINCE),
      });
    await setMembership(transaction, {
      classId: id,
      personId: people.get('nia') ?? '',
      role: 'supplyTeacher',
      until: new Date(instantOf(`${addDays(localDate(now.getTime(), TIME_ZONE), 5)}T00:00`, TIME_ZONE)),
      at: now,
    });
    await keepLeftLine(transaction, {
      classId: id,
      personId: people.get('marisol') ?? '',
      words: LEFT_LINE,
      at: new Date(now.getTime() - 16 * HOUR),
    });
    for (const { key, group } of STUDENTS) {
      const place = { classId: id, personId: people.get(key) ?? '' };
      await updateGroup(transaction, { ...place, groupName: group });
      await updateHomeClass(transaction, place);
    }
  });
  return id;
}

/** A smaller class of another teacher. @param people their ids, by key */
export async function insertGardenClass(people: ReadonlyMap<string, string>, now: Date): Promise<void> {
  const id = newId();
  await inTransaction(async (transaction) => {
    await insertClass(transaction, {
      id,
      address: 'moss',
      title: 'The Moss Garden',
      groupName: '6A',
      subtitle: 'Small green things, looked at closely',
      schoolName: 'Alder Quay School',
      code: CODE.garden,
      timeZone: TIME_ZONE,
      language: 'en-GB',
      ceiling: 'ourClass',
      namingRule: 'firstName',
      passcodeKind: 'digits',
      namesTyped: false,
      consentNeeded: true,
      settledAt: now,
      createdAt: now,
    });
    await updateLook(transaction, id, { look: 'orchard', banner: 'trees', lettering: 'school' });
    const members = [
      ['idris', 'teacher'] as const,
      ...OTHER_STUDENTS.map((student) => [student.key, 'student'] as const),
    ];
    for (const [key, role] of members) {
      const place = { classId: id, personId: people.get(key) ?? '' };
      await insertMembership(transaction, { ...place, role, joinedAt: new Date(now.getTime() - SINCE) });
      if (role === 'student') await updateHomeClass(transaction, place);
    }
  });
}
