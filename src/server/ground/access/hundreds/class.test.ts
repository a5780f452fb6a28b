import { beforeEach, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, noted, ofThem } from '../../../../../tests/server/atOnce';
import {
  acceptedPost,
  addClass,
  addMember,
  as,
  FIELDS,
  freshHouse,
  NOW,
  setWork,
  succeeded,
} from '../../../../../tests/server/house';
import { linkIn, mailsTo } from '../../../../../tests/support/mails';
import { adjustAssignment, dropAdjustment } from '../../../deeds/assignments/adjustAssignment';
import { changeAssignment } from '../../../deeds/assignments/changeAssignment';
import { giveAssignment, partAssignment } from '../../../deeds/assignments/giveAssignment';
import { makeAssignment } from '../../../deeds/assignments/makeAssignment';
import { endSeries, repeatAssignment } from '../../../deeds/assignments/repeatAssignment';
import { setAssignment } from '../../../deeds/assignments/setAssignment';
import { acceptInvitation } from '../../../deeds/invitations/acceptInvitation';
import { invite } from '../../../deeds/invitations/invite';
import { resendInvitation } from '../../../deeds/invitations/resendInvitation';
import { withdrawInvitation } from '../../../deeds/invitations/withdrawInvitation';
import { runOneJob } from '../../../deeds/chores/runJobs';
import { setPassphrase } from '../../../deeds/passphrases/setPassphrase';
import { setPostPassphrase } from '../../../deeds/passphrases/setPostPassphrase';
import { showPassphrase } from '../../../deeds/passphrases/showPassphrase';
import { database } from '../../database/database';

const house = freshHouse({ atOnce: true });
let otherClass: string;
beforeEach(async () => {
  otherClass = await addClass('fog', 'FOG12345', 'everyone');
  await addMember(house.people.teacher, otherClass, 'teacher');
});
const rows = (sql: string) => database.rows<Record<string, unknown>>(sql);

test('assignments made at once have each a number of their own', async () => {
  const outcomes = await atOnce((index) =>
    as(house, index % 2 ? 'teacher' : 'coTeacher', makeAssignment, { classId: house.classId }),
  );
  expect(ofThem(outcomes)).toBe(MANY);
  const numbers = await rows('SELECT DISTINCT number FROM assignments');
  expect(numbers).toHaveLength(MANY);
});

test('changed, set, adjusted and adjusted back at once: one version for each change, and no line too many', async () => {
  const assignmentId = await setWork(house, { set: false });
  const adjustment = { assignmentId, due: null, leftOut: [], limits: {} };
  const outcomes = await atOnce((index) => {
    const who = index % 2 ? 'teacher' : 'coTeacher';
    const ways = [
      () => as(house, who, changeAssignment, { assignmentId, version: 2, fields: FIELDS }),
      () => as(house, who, setAssignment, { assignmentId }),
      () => as(house, who, adjustAssignment, { ...adjustment, personIds: [house.people.writer] }),
      () => as(house, who, dropAdjustment, { assignmentId, personId: house.people.writer }),
    ];
    return ways[index % 4]!();
  });
  expect(codesOf(outcomes)).toEqual(new Set(['assignment.changedMeanwhile']));
  expect(ofThem(outcomes, (index) => index % 4 === 0)).toBe(1);
  expect((await rows('SELECT 1 FROM adjustments')).length).toBeLessThanOrEqual(1);
});

test('given to another class by hundreds of taps, it is there once', async () => {
  const assignmentId = await setWork(house);
  const given = await atOnce(() =>
    as(house, 'teacher', giveAssignment, { assignmentId, classId: otherClass, due: '2026-11-20T16:00' }),
  );
  expect(ofThem(given)).toBe(MANY);
  expect(await rows(`SELECT 1 FROM assignments WHERE class_id = '${otherClass}'`)).toHaveLength(1);
  const mixed = await atOnce((index) =>
    index % 2
      ? as(house, 'teacher', partAssignment, { assignmentId })
      : as(house, 'teacher', giveAssignment, { assignmentId, classId: otherClass, due: '2026-11-21T16:00' }),
  );
  expect(codesOf(mixed)).not.toContain('sameMoment');
  const sharing = await rows(
    'SELECT shared_id, COUNT(*) AS many FROM assignments WHERE shared_id IS NOT NULL GROUP BY shared_id',
  );
  for (const { many } of sharing) expect(Number(many)).toBe(2);
  expect(sharing.length).toBeLessThanOrEqual(1);
});

test('made a series, changed and ended at once, no day stands twice', async () => {
  const assignmentId = await setWork(house, { set: false });
  const series = {
    weekdays: [1, 3],
    every: 1,
    first: '2026-11-23',
    last: '2026-12-18',
    except: [],
    time: '16:00',
    opensBefore: 1,
    weeks: 'counted',
  };
  const first = await atOnce(() => as(house, 'teacher', repeatAssignment, { assignmentId, series }));
  expect({ codes: codesOf(first), went: ofThem(first) > 0 }).toEqual({ codes: new Set(), went: true });
  const days = () =>
    rows('SELECT due_at, COUNT(*) AS many FROM assignments WHERE series_id IS NOT NULL GROUP BY due_at');
  expect((await days()).map((one) => Number(one.many))).toEqual((await days()).map(() => 1));
  expect((await days()).length).toBe(8);
  await atOnce((index) =>
    index % 40
      ? as(house, 'coTeacher', repeatAssignment, {
          assignmentId,
          series: { ...series, weekdays: [1 + (index % 5)] },
        })
      : as(house, 'teacher', endSeries, { assignmentId }),
  );
  for (const { many } of await days()) expect(Number(many)).toBe(1);
});

test('an address is invited once, however often it is asked for', async () => {
  const asked = await atOnce((index) =>
    as(house, index % 2 ? 'teacher' : 'coTeacher', invite, {
      classId: house.classId,
      role: 'reader',
      email: 'many.invited@example.org',
      personId: null,
    }),
  );
  expect(ofThem(asked)).toBe(1);
  expect(codesOf(asked)).toEqual(new Set(['invitation.isOpen']));
});

test('no mailbox is filled by inviting, sending again and taking back', async () => {
  const email = 'flooded.invited@example.org';
  const input = { classId: house.classId, role: 'reader', email, personId: null };
  for (let round = 0; round < 12; round += 1) {
    const one = await as(house, 'teacher', invite, input);
    if (!one.ok) {
      expect(one).toMatchObject({ code: 'invitation.tooManyLetters', field: 'email' });
      break;
    }
    const named = { classId: house.classId, invitationId: one.value.invitationId };
    await atOnce(() => as(house, 'teacher', resendInvitation, { ...named, email }), 20);
    await as(house, 'teacher', withdrawInvitation, named);
  }
  const letters = await rows("SELECT 1 FROM jobs WHERE kind = 'sendMail'");
  expect(letters.length).toBeGreaterThan(0);
  expect(letters.length).toBeLessThan(9);
});

test('accepted hundreds of times, withdrawn and sent again at once: one account, one link', async () => {
  const email = 'once.invited@example.org';
  const { invitationId } = await succeeded(
    as(house, 'teacher', invite, { classId: house.classId, role: 'reader', email, personId: null }),
  );
  while (await runOneJob(NOW));
  const token = linkIn((await mailsTo(email))[0]).replace('/invitation/', '');
  const answer = {
    as: 'new',
    token,
    givenName: 'Rosa',
    familyName: 'Quayle',
    password: 'four saucers by the stove',
  };
  const from = { address: '192.0.2.7', device: 'Firefox, Linux', personId: null, now: NOW };
  const outcomes = await atOnce(
    (index) =>
      index % 10
        ? acceptInvitation(answer, from)
        : as(house, 'teacher', withdrawInvitation, { classId: house.classId, invitationId }),
    100,
  );
  const accepted = ofThem(outcomes, (index) => index % 10 !== 0);
  expect(accepted).toBeLessThanOrEqual(1);
  expect(await rows(`SELECT 1 FROM people WHERE email = '${email}'`)).toHaveLength(accepted);
  expect(codesOf(outcomes)).not.toContain('sameMoment');
});

test('a passphrase that is changed while hundreds show it opens what it stands for now', async () => {
  const { postId } = await acceptedPost(house);
  const phrases = ['kettle otter walnut', 'amber walnut zebra'];
  const outcomes = await atOnce((index) => {
    const passphrase = phrases[index % 2]!;
    if (index % 40 === 0) return as(house, 'teacher', setPassphrase, { classId: house.classId, passphrase });
    if (index % 40 === 1) return as(house, 'coTeacher', setPostPassphrase, { postId, passphrase });
    return showPassphrase(
      { blog: 'wind', passphrase },
      {
        device: `device ${index}`,
        address: `192.0.2.${index % 250}`,
        now: NOW,
        wait: () => Promise.resolve(),
      },
    );
  });
  const refusals = codesOf(outcomes);
  expect([...refusals].every((code) => code === 'passphrase.wrong')).toBe(true);
  expect(await noted('setPassphrase')).toBe(MANY / 40);
});
