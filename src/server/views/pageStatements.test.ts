import { beforeEach, describe, expect, test } from 'vitest';
import { countStatements } from '../../../tests/server/countStatements';
import {
  acceptedPost,
  acceptPost,
  addPerson,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writeNote,
} from '../../../tests/server/house';
import { readerOf } from '../ground/access/reader';
import { writeComment } from '../deeds/comments/writeComment';
import { database } from '../ground/database/database';
import { askSecondReading } from '../deeds/secondReadings/askSecondReading';
import { newId } from '../ground/database/newId';
import { invite } from '../deeds/invitations/invite';
import { addLabel } from '../deeds/labels/changeLabel';
import { makePage } from '../deeds/pages/makePage';
import { insertPicture } from '../tables/pictures';
import type { Desk } from '../deeds/sessions/desk';
import { maybeAssignmentList, maybeAssignmentToRead } from './assignments/viewAssignment';
import { maybeBuilder } from './assignments/viewBuilder';
import { maybeFront } from './blog/viewFront';
import { maybeKept } from './blog/viewKept';
import { maybeFeed } from './blog/viewFeed';
import { maybePostList } from './blog/viewList';
import { maybePost } from './blog/viewPost';
import { maybeClassFrame, maybeClassSettings, maybeLook, maybePrivacy } from './class/viewClassPages';
import { maybeLog } from './class/viewLog';
import { maybeNotice } from './class/viewNotice';
import { maybeRoles } from './class/viewRoles';
import { updateDuty } from '../tables/schoolDuties';
import { tellWorry } from '../deeds/worries/tellWorry';
import { maybeCase } from './worries/viewCase';
import { maybeWorries } from './worries/viewWorries';
import { maybeInvitations } from './invitations/viewInvitations';
import { maybeLabels } from './labels/viewLabels';
import { YEAR } from '../../core/gradebook/terms';
import { changeYear } from '../deeds/classes/changeYear';
import { closeTerm } from '../deeds/gradebook/closeTerm';
import { keepColumn } from '../deeds/gradebook/keepColumn';
import { keepFigures } from '../deeds/gradebook/keepFigures';
import { maybeGradebook } from './gradebook/viewGradebook';
import { maybeOwnSheet } from './gradebook/viewSheet';
import { maybeTalk } from './gradebook/viewTalk';
import { maybeTerm } from './gradebook/viewTerm';
import { maybeHeldComments } from './comments/viewHeldComments';
import { maybeOrigin } from './origin/viewOrigin';
import { maybePages } from './pages/viewPages';
import { insertPeerReadings } from '../tables/peerReadings';
import { insertRound, markTaken } from '../tables/peerRounds';
import { listPeerToRead } from './peerReading/listPeerToRead';
import { maybePeerGroups } from './peerReading/viewPeerGroups';
import { maybePeerText } from './peerReading/viewPeerText';
import { maybeRoster } from './roster/viewRoster';
import { maybeClassPictures } from './pictures/viewClassPictures';
import { maybeCompose } from './writing/viewCompose';
import { listLeftWriting } from './writing/viewLeft';
import { maybeReceipt } from './writing/viewReceipt';
import { maybeRevisions } from './writing/viewRevisions';
import { maybeArrangedPile } from './review/listPile';
import { maybeReview } from './review/viewReview';
import { maybeSecondReading } from './secondReading/viewSecondReading';
import { maybeSet } from './set/viewSet';
import { maybeStudentPosts } from './set/viewStudent';
import { maybeOpenings } from './safety/viewOpenings';
import { listToRead } from './today/listToRead';
import { listEveryWork } from './today/listWork';
import { maybeWhereWeAre } from './today/viewWhereWeAre';
import { maybeTeacherToday } from './today/viewTeacherToday';

const house = freshHouse();
let postId: string;
let waiting: string;
let assignmentId: string;
let reading: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
  assignmentId = await setWork(house);
  await updateDuty(database, 'safetyPerson', house.people.teacher);
  waiting = await writePost(house, assignmentId);
  await handInPost(house, waiting);
  const readerId = house.people.coTeacher;
  await succeeded(as(house, 'teacher', askSecondReading, { assignmentId, readerId, which: { kind: 'all' } }));
  const place = { timeZone: 'Europe/Dublin', language: 'en-GB', holidays: [], schoolDays: [1] };
  await succeeded(
    as(house, 'teacher', changeYear, { classId: house.classId, ...place, terms: [CLOSED, OPEN] }),
  );
  const { columnId } = await succeeded(
    as(house, 'teacher', keepColumn, {
      ...{ classId: house.classId, columnId: null, title: 'An oral', possible: 10, categoryId: null },
      day: '2026-09-10',
    }),
  );
  const close = { classId: house.classId, term: CLOSED.from, unread: 0, notBack: 0, reason: null };
  await succeeded(as(house, 'teacher', closeTerm, close));
  const cell = { columnId, personId: house.people.writer, figure: 7, was: null };
  await succeeded(as(house, 'teacher', keepFigures, { classId: house.classId, cells: [cell] }));
  reading = newId();
  const drawn = { id: newId(), assignmentId, questions: ['What?'], named: true, drawnAt: NOW, takesAt: NOW };
  await insertRound(database, {
    ...drawn,
    alone: [],
    groups: [[house.people.writer, house.people.classmate]],
  });
  await markTaken(database, drawn.id, NOW);
  const between = { readerId: house.people.writer, writerId: house.people.classmate };
  await insertPeerReadings(database, [{ id: reading, roundId: drawn.id, ...between }]);
  await more(1);
});
const CLOSED = { name: 'Autumn', from: '2026-09-01', to: '2026-10-20' };
const OPEN = { name: 'Winter', from: '2026-10-21', to: '2027-01-20' };

/** A class that has that much more of everything that its pages list. */
async function more(count: number): Promise<void> {
  for (let each = 0; each < count; each += 1) {
    const id = await writePost(house, await setWork(house));
    const handInId = await handInPost(house, id);
    await acceptPost(house, id, handInId);
    await writeNote(house, 'teacher', { postId: id, handInId, text: 'Look up.' });
    await succeeded(as(house, 'classmate', writeComment, { postId, text: `Grey, ${handInId}.` }));
    await succeeded(as(house, 'editor', writeComment, { postId, text: `www.${handInId}.example` }));
    await handInPost(house, await writePost(house, await setWork(house)));
    await succeeded(
      tellWorry(
        { blog: 'wind', post: '2-skies', words: `Look at ${handInId}.` },
        { reader: readerOf(house.people.reader), address: '192.0.2.7', now: NOW },
      ),
    );
    await addPerson(`Child${each}`, house.classId, 'student');
    await succeeded(as(house, 'teacher', addLabel, { classId: house.classId, label: `label ${handInId}` }));
    await succeeded(as(house, 'teacher', makePage, { classId: house.classId }));
    await succeeded(
      as(house, 'teacher', invite, {
        classId: house.classId,
        role: 'reader',
        email: `${handInId}@example.org`,
        personId: null,
      }),
    );
    await insertPicture(database, {
      id: newId(),
      classId: house.classId,
      uploadedBy: house.people.writer,
      contentHash: handInId.padEnd(64, '0'),
      perceptualHash: '0'.repeat(16),
      width: 10,
      height: 10,
      purpose: 'picture',
      at: NOW,
    });
  }
}

type View = (desk: Desk) => unknown;
const teachers: Readonly<Record<string, View>> = {
  today: (desk) => maybeTeacherToday([desk]),
  'where we are': maybeWhereWeAre,
  assignments: maybeAssignmentList,
  builder: (desk) => maybeBuilder(assignmentId, desk),
  pile: (desk) => maybeArrangedPile([desk]),
  review: (desk) => maybeReview(waiting, [desk]),
  set: (desk) => maybeSet(assignmentId, desk),
  gradebook: maybeGradebook,
  'an open term': (desk) => maybeTerm(desk, OPEN.from),
  'a closed term': (desk) => maybeTerm(desk, CLOSED.from),
  'sheets for talks': (desk) =>
    maybeTalk({ personIds: [house.people.writer, house.people.classmate], term: null }, desk),
  'the year': (desk) => maybeTerm(desk, YEAR),
  'reading each other': (desk) => maybePeerGroups(assignmentId, desk),
  'second reading': (desk) => maybeSecondReading(assignmentId, desk),
  student: (desk) => maybeStudentPosts(house.people.writer, desk),
  roster: maybeRoster,
  'class frame': maybeClassFrame,
  pictures: maybeClassPictures,
  labels: maybeLabels,
  'comments that wait': maybeHeldComments,
  look: maybeLook,
  settings: maybeClassSettings,
  privacy: maybePrivacy,
  roles: maybeRoles,
  log: (desk) => maybeLog(desk, { before: null, person: null }),
  invitations: maybeInvitations,
  worries: ({ personId }) => maybeWorries({ personId, language: null, now: NOW }),
  'a case': async ({ personId }) => {
    const [row] = await database.rows<{ id: string }>('SELECT MIN(id) AS id FROM cases');
    return maybeCase(row!.id, { personId, language: null, now: NOW });
  },
  openings: maybeOpenings,
  pages: maybePages,
};
const students: Readonly<Record<string, View>> = {
  'own figures': maybeOwnSheet,
  'my writing': (desk) => listEveryWork([desk]),
  'read as an editor': (desk) => listToRead([desk]),
  'left writing': ({ personId }) => listLeftWriting(personId),
  'an assignment': (desk) => maybeAssignmentToRead(assignmentId, desk),
  compose: (desk) => maybeCompose(waiting, desk),
  receipt: (desk) => maybeReceipt(waiting, desk),
  'where a text came from': (desk) => maybeOrigin(waiting, desk),
  'a classmate’s text': (desk) => maybePeerText(reading, desk),
  'texts to read': (desk) => listPeerToRead([desk]),
  revisions: (desk) => maybeRevisions(waiting, { all: true, from: null, to: null }, desk),
};
const readers: Readonly<Record<string, View>> = {
  front: ({ personId }) => maybeFront('wind', readerOf(personId), NOW),
  post: ({ personId }) => maybePost('wind', '2-skies', readerOf(personId), NOW),
  list: ({ personId }) =>
    maybePostList(
      'wind',
      { kind: 'month', month: NOW.toISOString().slice(0, 7) },
      { reader: readerOf(personId), now: NOW, page: 1, month: null, typed: '', exactly: false },
    ),
  search: ({ personId }) =>
    maybePostList(
      'wind',
      { kind: 'all' },
      { reader: readerOf(personId), now: NOW, page: 1, month: null, typed: 'grey', exactly: false },
    ),
  feed: () => maybeFeed('wind', NOW),
  kept: async ({ personId }) => {
    const [row] = await database.rows<{ receipt: number }>('SELECT MIN(receipt) AS receipt FROM hand_ins');
    return maybeKept('wind', row!.receipt, personId, NOW);
  },
  notice: ({ personId }) => maybeNotice('wind', personId),
};

describe.each([
  ['teacher', teachers],
  ['writer', students],
  ['writer', readers],
] as const)('for a %s', (who, views) => {
  test('no page asks the database more often the more there is', async () => {
    const desk = await deskFor(house, who);
    const asked = async () => {
      const counts: Record<string, number> = {};
      for (const [name, view] of Object.entries(views)) {
        // What is measured only once is measured by then.
        expect([name, await view(desk)]).not.toEqual([name, null]);
        counts[name] = await countStatements(() => Promise.resolve(view(desk)));
      }
      return counts;
    };
    const few = await asked();
    await more(4);
    expect(await asked()).toEqual(few);
  });
});
