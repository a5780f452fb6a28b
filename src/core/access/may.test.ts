import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { AUDIENCES, cappedAudience, narrower } from './audience';
import { may, type Actor, type Subject } from './may';
import {
  ACCESS,
  ACTIONS,
  RELATIONS,
  RELATIONS_NOW,
  RELATIONS_TO_COME,
  type Action,
  type Condition,
  type Relation,
} from './table';

/** The relations that somebody can stand in by now. */
type Standing = (typeof RELATIONS_NOW)[number];

const ACTORS: Readonly<Record<Standing, Actor>> = {
  visitor: { personId: null, role: null },
  stranger: { personId: 'other', role: null },
  administrator: { personId: 'admin', role: null, account: 'administrator' },
  reader: { personId: 'aunt', role: 'reader' },
  classmate: { personId: 'mate', role: 'student' },
  leaver: { personId: 'left', role: null },
  writer: { personId: 'writer', role: 'student' },
  editor: { personId: 'ed', role: 'studentEditor' },
  teacher: { personId: 'teacher', role: 'teacher' },
  supplyTeacher: { personId: 'supply', role: 'supplyTeacher' },
  safetyPerson: { personId: 'safety', role: null },
  head: { personId: 'head', role: null },
  secondReader: { personId: 'second', role: 'coTeacher' },
  peer: { personId: 'peer', role: 'student' },
};

/** Whose post it is that a relation is about, and whom the school named. */
const writerFor = (relation: Standing) => ({
  writerId: relation === 'leaver' ? 'left' : 'writer',
  tendedBy: ['safety'],
  headId: 'head',
  secondReaderId: 'second',
  peerId: 'peer',
});

/** For each condition a subject for which it holds, and what is to be taken away so that it does not. */
const HOLDS: Readonly<
  Record<Exclude<Condition, 'never' | 'always' | 'staff' | 'runsIt'>, readonly [Subject, Subject]>
> = {
  open: [{ ceiling: 'passphrase' }, { ceiling: 'ourClass' }],
  editorsRead: [{ handedIn: true, editorsRead: true }, { handedIn: true }],
  set: [{ assignmentIsSet: true }, { assignmentIsSet: false }],
  draftsOpen: [{ draftsOpen: true }, {}],
  handedIn: [{ handedIn: true }, { handedIn: false }],
  unread: [{ handedIn: true }, { handedIn: true, openedByTeacher: true }],
  saidSo: [{ handedIn: true, originSaid: true }, { handedIn: true }],
  forEditors: [{}, { teachersOnly: true }],
  accepted: [{ accepted: true }, {}],
  published: [{ publishedTo: 'everyone' }, { publishedTo: null }],
  givenBack: [{ gradeGivenBack: true }, { gradeGivenBack: false }],
  typesIn: [{ typesIn: ['teacher', 'supply'] }, { typesIn: ['another'] }],
  opened: [{ openedFor: ['admin', 'teacher', 'supply', 'second'] }, { openedFor: ['another'] }],
};

describe.each(ACTIONS)('%s', (action) => {
  test.each(
    RELATIONS_NOW.map((relation) => [relation, ACCESS[action][RELATIONS.indexOf(relation)]!] as const),
  )('%s: %s', (relation, condition) => {
    const writing = writerFor(relation);
    if (condition === 'never' || condition === 'always') {
      const everything: Subject = {
        ...writing,
        assignmentIsSet: true,
        draftsOpen: true,
        handedIn: true,
        accepted: true,
        editorsRead: true,
        publishedTo: 'everyone',
        gradeGivenBack: true,
        ceiling: 'everyone',
        openedFor: ['admin', 'teacher', 'supply', 'second', 'mate'],
      };
      expect(may(ACTORS[relation], action, condition === 'never' ? everything : writing)).toBe(
        condition === 'always',
      );
      return;
    }
    if (condition === 'staff') {
      for (const account of ['administrator', 'teacher', null] as const)
        expect(may({ ...ACTORS[relation], account }, action, {})).toBe(account !== null);
      return;
    }
    if (condition === 'runsIt') {
      expect(may(ACTORS[relation], action, writing)).toBe(true);
      expect(may({ ...ACTORS[relation], role: 'coTeacher' }, action, writing)).toBe(false);
      return;
    }
    const [so, notSo] = HOLDS[condition];
    expect(may(ACTORS[relation], action, { ...writing, ...so })).toBe(true);
    expect(may(ACTORS[relation], action, { ...writing, ...notSo })).toBe(false);
  });
});

test.each([
  ['writerAndTeachers', ['leaver', 'writer', 'teacher', 'supplyTeacher', 'secondReader']],
  [
    'ourClass',
    ['classmate', 'leaver', 'writer', 'editor', 'teacher', 'supplyTeacher', 'secondReader', 'peer'],
  ],
  [
    'passphrase',
    ['reader', 'classmate', 'leaver', 'writer', 'editor', 'teacher', 'supplyTeacher', 'secondReader', 'peer'],
  ],
  ['everyone', [...RELATIONS_NOW]],
] as const)('a post published to %s is read by %j', (publishedTo, readers) => {
  expect(
    RELATIONS_NOW.filter((relation) =>
      may(ACTORS[relation], 'post.read', { ...writerFor(relation), publishedTo }),
    ),
  ).toEqual(readers);
});

test('who has shown the passphrase reads what is for those who know it, and nothing else', () => {
  for (const publishedTo of AUDIENCES) {
    const subject = { writerId: 'writer', publishedTo, passphraseShown: true };
    expect([publishedTo, may(ACTORS.visitor, 'post.read', subject)]).toEqual([
      publishedTo,
      publishedTo === 'passphrase' || publishedTo === 'everyone',
    ]);
  }
});

test('a student editor’s own post is theirs like any writer’s', () => {
  const editor: Actor = { personId: 'writer', role: 'studentEditor' };
  expect(may(editor, 'post.write', { writerId: 'writer' })).toBe(true);
  expect(may(editor, 'post.review', { writerId: 'writer', handedIn: true })).toBe(false);
});

test('a writer may ask for fewer readers, and nobody goes over the ceiling', () => {
  for (const ceiling of AUDIENCES)
    for (const assignment of AUDIENCES)
      for (const post of AUDIENCES)
        expect(cappedAudience(ceiling, assignment, post)).toBe(narrower(ceiling, narrower(assignment, post)));
  expect(cappedAudience('ourClass', 'everyone', null)).toBe('ourClass');
});

test('a second reader is one while they teach the class, and nothing of what the first gave is theirs to read', () => {
  const subject: Subject = { secondReaderId: 'second', handedIn: true, writerId: 'writer' };
  expect(may(ACTORS.secondReader, 'grade.read', subject)).toBe(false);
  expect(may(ACTORS.secondReader, 'reading.settle', subject)).toBe(false);
  expect(may({ personId: 'second', role: null }, 'reading.finish', subject)).toBe(false);
  expect(may({ personId: 'second', role: 'coTeacher' }, 'grade.read', { handedIn: true })).toBe(true);
});

describe('who stands in several relations', () => {
  const written: Subject = { writerId: 'teacher', handedIn: true, publishedTo: 'writerAndTeachers' };
  test.each([
    ['a teacher writes their own post', 'teacher', 'post.write', true],
    ['and does not judge it', 'teacher', 'post.review', false],
    ['nor opens their own draft behind their back', 'teacher', 'draft.askToOpen', false],
    ['a teacher who wrote nothing does not write it', 'another', 'post.write', false],
    ['and judges it', 'another', 'post.review', true],
  ] as const)('%s', (_, personId, action, allowed) => {
    expect(may({ personId, role: 'teacher' }, action, written)).toBe(allowed);
  });

  test('an administrator who teaches a class runs the install all the same', () => {
    const both: Actor = { personId: 'ada', role: 'teacher', account: 'administrator' };
    expect(may(both, 'install.manage', {})).toBe(true);
    expect(may(both, 'class.change', {})).toBe(true);
  });
});

/**
 * The dangerous cells once more, written by hand: for each of these deeds all who may ever do it. A change of the table that
 * opens one of them has to be made here too.
 */
const ONLY: readonly (readonly [Action, readonly Relation[]])[] = [
  ['install.manage', ['administrator']],
  ['class.change', ['teacher', 'supplyTeacher']],
  ['class.guard', ['teacher']],
  ['class.delete', ['teacher']],
  ['assignment.erase', ['teacher']],
  ['page.erase', ['teacher']],
  ['class.readLog', ['teacher', 'supplyTeacher']],
  ['roster.read', ['teacher']],
  ['roster.change', ['teacher']],
  ['assignment.change', ['teacher', 'supplyTeacher']],
  // For what was done on paper, until it is handed in.
  ['post.write', ['writer', 'teacher', 'supplyTeacher']],
  ['post.handIn', ['writer', 'teacher', 'supplyTeacher']],
  ['post.typeIn', ['teacher', 'supplyTeacher']],
  ['post.readDraft', ['leaver', 'writer', 'teacher', 'supplyTeacher', 'secondReader']],
  ['draft.askToOpen', ['teacher', 'supplyTeacher', 'secondReader']],
  ['draft.readOpened', ['administrator', 'teacher', 'supplyTeacher', 'secondReader']],
  ['post.readHandIn', ['leaver', 'writer', 'editor', 'teacher', 'supplyTeacher', 'secondReader']],
  ['post.review', ['teacher', 'supplyTeacher', 'secondReader']],
  ['post.publish', ['teacher', 'supplyTeacher', 'secondReader']],
  ['post.narrow', ['teacher', 'supplyTeacher', 'secondReader']],
  ['comment.read', ['classmate', 'writer', 'editor', 'teacher', 'supplyTeacher', 'secondReader']],
  ['comment.write', ['classmate', 'writer', 'editor', 'teacher', 'supplyTeacher', 'secondReader']],
  ['comment.tend', ['editor', 'teacher', 'supplyTeacher', 'secondReader']],
  ['page.open', ['teacher', 'supplyTeacher']],
  ['note.read', ['leaver', 'writer', 'teacher', 'supplyTeacher', 'secondReader']],
  ['note.answer', ['writer']],
  ['picture.tell', ['writer', 'teacher', 'supplyTeacher']],
  ['grade.read', ['leaver', 'writer', 'teacher', 'supplyTeacher']],
  ['gradebook.read', ['teacher', 'supplyTeacher']],
  ['gradebook.grade', ['teacher', 'supplyTeacher']],
  ['gradebook.change', ['teacher']],
  ['words.putBack', ['teacher', 'supplyTeacher', 'secondReader']],
  ['case.tend', ['safetyPerson']],
  ['promise.change', ['administrator', 'safetyPerson']],
  ['school.watch', ['head']],
  ['origin.read', ['leaver', 'writer', 'teacher', 'secondReader']],
  ['origin.open', ['teacher', 'secondReader']],
  ['reading.ask', ['teacher']],
  ['reading.finish', ['secondReader']],
  ['reading.settle', ['teacher']],
  ['peer.arrange', ['teacher', 'supplyTeacher']],
  ['peer.read', ['peer']],
  ['peer.thank', ['writer']],
  ['peer.oversee', ['teacher', 'supplyTeacher']],
];

test.each(ONLY)('%s is for nobody but %j', (action, relations) => {
  expect(RELATIONS.filter((_, column) => ACCESS[action][column] !== 'never')).toEqual(relations);
});

test.each([
  ['post.readDraft', 'teacher', 'draftsOpen'],
  ['post.write', 'teacher', 'typesIn'],
  ['post.write', 'supplyTeacher', 'typesIn'],
  ['post.handIn', 'teacher', 'typesIn'],
  ['post.readHandIn', 'editor', 'editorsRead'],
  ['post.publish', 'teacher', 'accepted'],
  ['grade.read', 'writer', 'givenBack'],
  ['draft.readOpened', 'administrator', 'opened'],
  ['draft.readOpened', 'teacher', 'opened'],
  ['class.readBlog', 'visitor', 'open'],
  ['post.read', 'visitor', 'published'],
] as const)('%s by the %s only where %s', (action, relation, condition) => {
  expect(ACCESS[action][RELATIONS.indexOf(relation)]).toBe(condition);
});

test('what nobody can be yet allows nothing', () => {
  for (const action of ACTIONS)
    for (const relation of RELATIONS_TO_COME)
      expect([action, relation, ACCESS[action][RELATIONS.indexOf(relation)]]).toEqual([
        action,
        relation,
        'never',
      ]);
});

test('every action of the table is asked somewhere', () => {
  const asked = sourcesUnder('src/server') + sourcesUnder('src/contract');
  expect(ACTIONS.filter((action) => !asked.includes(`'${action}'`))).toEqual([]);
});

function sourcesUnder(folder: string): string {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => readFileSync(path.join(folder, name), 'utf8'))
    .join('\n');
}
