import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import {
  acceptPost,
  addClass,
  addMember,
  addPerson,
  as,
  buildHouse,
  emptyDatabase,
  EVERYBODY,
  FIELDS,
  handInPost,
  ACCOUNTS,
  NOW,
  ROLES,
  setWork,
  succeeded,
  writePost,
  writing,
  type House,
} from '../../../../tests/server/house';
import { expectShownAsItIs } from '../../../../tests/server/shownAsItIs';
import { undoEverything } from '../../../../tests/server/undone';
import { instructionsFrom } from '../../../core/assignments/lessonText';
import { may, type Actor, type Subject } from '../../../core/access/may';
import { FIRST_LOOK } from '../../../core/looks/looks';
import { hideClass } from '../../deeds/classes/deletionQueries';
import { insertComment } from '../../tables/comments';
import { insertNote, sendTypedNotes } from '../../tables/notes';
import { insertCase } from '../../tables/cases';
import { updateDuty } from '../../tables/schoolDuties';
import { listConsentsOf } from '../../tables/consents';
import { listPageRevisions } from '../../tables/pageRevisions';
import { upsertJoinRequest } from '../../tables/joinRequests';
import { leaveClass } from '../../tables/memberships';
import { insertSecondReadings } from '../../tables/secondReadings';
import { insertPicture } from '../../tables/pictures';
import { keepAsRevision } from '../../deeds/posts/keepAsRevision';
import { findPost } from '../../tables/posts';
import { listRevisionMoments } from '../../tables/revisions';
import { insertPeerReadings, markPeerGiven, upsertPeerWords } from '../../tables/peerReadings';
import { insertMember, insertRound, markTaken } from '../../tables/peerRounds';
import { insertOpening } from '../../tables/openings';
import { FIRST_RULES } from '../../../core/gradebook/rules';
import { USE_CASES } from '../../useCases';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { closePool } from '../database/pool';

type Name = keyof typeof USE_CASES;
type World = 'draft' | 'handedIn' | 'opened' | 'accepted' | 'readTwice';

const WORLDS: readonly World[] = ['draft', 'handedIn', 'opened', 'accepted', 'readTwice'];
interface Ids {
  readonly classId: string;
  readonly assignmentId: string;
  readonly postId: string;
  readonly handInId: string;
  /** A student of the class, one who left it, a reader, an open invitation, a consent of the student, a deleted student, and a second class of both teachers. */
  readonly studentId: string;
  readonly leaverId: string;
  readonly readerId: string;
  readonly coTeacherId: string;
  readonly supplyId: string;
  readonly administratorId: string;
  readonly invitationId: string;
  readonly consentId: string;
  /** A worry about the post, which an administrator and a co-teacher look after. */
  readonly caseId: string;
  readonly deletedId: string;
  /** A student of the class whom the second class asks for, and one of that class whom this one asks for. */
  readonly guestId: string;
  readonly askedForId: string;
  /** A question whether a draft may be opened; a class that its teacher deleted. */
  readonly openingId: string;
  readonly deletedClassId: string;
  readonly deletedAssignmentId: string;
  readonly secondClassId: string;
  /** A post of a classmate that was handed in. */
  readonly triedPostId: string;
  readonly pictureId: string;
  /** What the writer said under the post. */
  readonly commentId: string;
  /** What a teacher wrote to the writer. */
  readonly noteId: string;
  /** A page of the class blog, and what was kept of it. */
  readonly pageId: string;
  readonly pageRevisionId: string;
  /** A kept copy of the post. */
  readonly revisionId: string;
  /** A column of the gradebook that no post stands behind. */
  readonly columnId: string;
  readonly readingId: string;
}

const PLACE = { timeZone: 'Europe/Dublin', language: 'en-GB' };
const CLOSED = {
  ceiling: 'ourClass',
  namingRule: 'firstName',
  searchEngines: false,
  editorsRead: false,
  consentNeeded: true,
};
const CONSENT = {
  givenBy: 'Rosa Example',
  relation: 'mother',
  purposes: ['penName'],
  givenOn: '2026-09-10',
  until: null,
};
const NEWCOMER = { source: { kind: 'lines', text: 'Ines Marlow' }, same: [], another: [] };
const SERIES = {
  first: '2026-11-23',
  last: '2026-12-14',
  weekdays: [1],
  every: 1,
  except: [],
  time: '16:00',
  opensBefore: 4,
  weeks: 'counted',
};
const PAGE = { title: 'How we comment', body: instructionsFrom('Ask something.') };
const PARTICULARS = {
  givenName: 'Wren',
  familyName: 'Example',
  penName: '',
  email: '',
  schoolId: '',
  group: '',
};

const RULES = { ...FIRST_RULES, places: [] };

/** An input for each use case that is right in form, so that only access decides. */
const INPUTS: Readonly<Record<Name, (ids: Ids) => unknown>> = {
  makeAccount: () => ({ givenName: 'Nell', familyName: '', email: 'nell@example.org', account: 'teacher' }),
  giveTeacher: ({ classId, administratorId }) => ({ classId, personId: administratorId, formerStays: true }),
  changeAccount: ({ studentId }) => ({ personId: studentId, account: null }),
  retryJobs: () => ({}),
  searchPeople: () => ({ words: 'wren' }),
  previewErasure: ({ studentId }) => ({ personId: studentId }),
  deleteAnybody: ({ studentId }) => ({ personId: studentId }),
  restoreAnybody: ({ deletedId }) => ({ personId: deletedId }),
  changeSchoolSpan: () => ({ pressedHours: 12 }),
  changeRetention: () => ({
    ...{ revisions: 12, readings: null, logs: 12, leftPosts: null, cases: 36, ownLines: 12, absences: 14 },
  }),
  makeClass: () => ({ title: 'Tides', groupName: '7C', ...PLACE }),
  nameClass: ({ classId }) => ({ classId, title: 'Tides', groupName: '', subtitle: '', schoolName: '' }),
  checkAddress: ({ classId }) => ({ classId, address: 'tides' }),
  changeAddress: ({ classId }) => ({ classId, address: 'tides' }),
  changeYear: ({ classId }) => ({ classId, ...PLACE, terms: [], holidays: [], schoolDays: [1] }),
  changeWords: ({ classId }) => ({ classId, words: ['nimbus'] }),
  changeDesk: ({ classId }) => ({
    classId,
    oneNextThing: true,
    linksInSameTab: false,
    labelsWait: true,
    pressedHours: 12,
  }),
  addLabel: ({ classId }) => ({ classId, label: 'hail' }),
  changeLabel: ({ classId }) => ({ classId, label: 'three-skies', becomes: 'skies' }),
  decideLabel: ({ classId }) => ({ classId, label: 'nowhere', take: true }),
  changePostAddress: ({ postId }) => ({ postId, address: 'Another one' }),
  changeLook: ({ classId }) => ({ classId, ...FIRST_LOOK }),
  changePrivacy: ({ classId }) => ({ classId, ...CLOSED }),
  previewPrivacy: ({ classId }) => ({ classId, ceiling: 'ourClass', consentNeeded: true }),
  openAgain: ({ classId, postId }) => ({ classId, postIds: [postId] }),
  setPassphrase: ({ classId }) => ({ classId, passphrase: 'kettle otter walnut' }),
  setPostPassphrase: ({ postId }) => ({ postId, passphrase: '' }),
  settleClass: ({ classId }) => ({ classId }),
  listSentences: ({ classId }) => ({ classId }),
  keepSentence: ({ classId }) => ({
    classId,
    sentenceId: 'sentenceaaaaaaaa',
    words: 'Say how.',
    group: '',
    shared: true,
    version: 0,
  }),
  dropSentence: ({ classId }) => ({ classId, sentenceId: 'sentencebbbbbbbb' }),
  takeSentence: ({ classId }) => ({ classId, sentenceId: 'sentencebbbbbbbb' }),
  leaveLine: ({ classId }) => ({ classId, words: 'Ask them about the fog.' }),
  restClass: ({ classId }) => ({ classId, rest: true }),
  copyClass: ({ classId }) => ({ classId, title: 'Tides', groupName: '' }),
  previewClassDeletion: ({ classId }) => ({ classId }),
  deleteClass: ({ classId }) => ({ classId, students: 3, posts: 1, pictures: 0 }),
  restoreClass: ({ deletedClassId }) => ({ classId: deletedClassId }),
  askToOpenDraft: ({ postId }) => ({ postId, reason: 'A worrying word.', harm: '' }),
  decideOpening: ({ openingId }) => ({ openingId, agree: true, tellWriter: true }),
  changeClassCode: ({ classId }) => ({ classId }),
  chooseSignIn: ({ classId }) => ({ classId, passcodeKind: 'digits', namesTyped: false }),
  previewImport: ({ classId }) => ({ classId, ...NEWCOMER }),
  importPeople: ({ classId }) => ({ classId, ...NEWCOMER }),
  makePasscodes: ({ classId, studentId }) => ({ classId, personIds: [studentId] }),
  noteAbsence: ({ classId, studentId }) => ({
    ...{ classId, personId: studentId, from: '2026-11-23', to: '2026-11-27' },
  }),
  dropAbsence: ({ classId, studentId }) => ({ classId, personId: studentId, absenceId: 'a'.repeat(16) }),
  changeAwayRule: ({ classId }) => ({ classId, dates: 'excuse', days: 2 }),
  keepPeerRule: ({ assignmentId }) => ({
    ...{ assignmentId, size: 2, questions: ['What could you see best?'], named: true, at: null },
  }),
  dropPeerRule: ({ assignmentId }) => ({ assignmentId }),
  makePeerGroups: ({ assignmentId }) => ({ assignmentId }),
  leavePeerGroups: ({ assignmentId, readingId }) => ({ assignmentId, roundId: readingId }),
  keepApart: ({ classId, studentId, guestId }) => ({
    classId,
    oneId: studentId,
    otherId: guestId,
    apart: true,
  }),
  joinPeerReading: ({ assignmentId }) => ({ assignmentId }),
  seePeerReading: ({ assignmentId }) => ({ assignmentId }),
  worryAboutPeerText: ({ readingId }) => ({ readingId, words: 'Look.' }),
  openPeerReading: ({ readingId }) => ({ readingId }),
  keepPeerWords: ({ readingId }) => ({ readingId, name: '0', anchor: null, words: 'The jar.' }),
  givePeerReading: ({ readingId }) => ({ readingId }),
  thankPeer: ({ readingId }) => ({ readingId, useful: true }),
  takeBackPeerWords: ({ readingId }) => ({ readingId, name: '0' }),
  changePerson: ({ classId, studentId }) => ({ classId, personId: studentId, ...PARTICULARS }),
  previewDeletion: ({ classId, studentId }) => ({ classId, personId: studentId }),
  deletePerson: ({ classId, studentId }) => ({ classId, personId: studentId }),
  restorePerson: ({ classId, deletedId }) => ({ classId, personId: deletedId }),
  changeLastDay: ({ classId, supplyId }) => ({ classId, personId: supplyId, lastDay: '2026-11-20' }),
  changeRole: ({ classId, studentId }) => ({ classId, personId: studentId, role: 'studentEditor' }),
  handOverClass: ({ classId, coTeacherId }) => ({ classId, personId: coTeacherId }),
  removeMember: ({ classId, readerId }) => ({ classId, personId: readerId }),
  decideJoining: ({ classId, guestId, secondClassId }) => ({
    classId,
    askingClassId: secondClassId,
    personId: guestId,
    grant: true,
  }),
  decideJoiningAnywhere: ({ guestId, secondClassId }) => ({
    askingClassId: secondClassId,
    personId: guestId,
    grant: false,
  }),
  withdrawJoining: ({ classId, askedForId }) => ({ classId, personId: askedForId }),
  handOn: ({ classId, guestId }) => ({ classId, personId: guestId, toClassId: classId }),
  handOnAnybody: ({ classId, guestId }) => ({ personId: guestId, toClassId: classId }),
  nameForDuty: ({ coTeacherId }) => ({ duty: 'head', personId: coTeacherId }),
  changePromise: () => ({ minutes: 900, help: 'The room by the hall.' }),
  worryAboutHandIn: ({ postId }) => ({ postId, words: 'This is not like her.' }),
  worryAboutNote: ({ postId, noteId }) => ({ postId, noteId, about: 'note', words: 'It hurts.' }),
  decide: ({ postId, handInId }) => ({ postId, handInId, decision: 'sendBack' }),
  undoDecision: ({ postId }) => ({ postId }),
  putWordsBack: ({ postId }) => ({ postId, commentId: null }),
  decideWords: ({ caseId }) => ({ caseId, decision: 'back' }),
  keepAnswer: ({ caseId }) => ({ caseId, typed: 'Thank you.' }),
  answerTeller: ({ caseId }) => ({ caseId, answer: 'Thank you.' }),
  writeStep: ({ caseId }) => ({ caseId, words: 'Spoke to her.' }),
  recordConsent: ({ classId, studentId }) => ({ classId, personIds: [studentId], ...CONSENT }),
  withdrawConsent: ({ classId, studentId, consentId }) => ({ classId, personId: studentId, consentId }),
  invite: ({ classId }) => ({ classId, role: 'reader', email: 'aunt@example.org', personId: null }),
  resendInvitation: ({ classId, invitationId }) => ({ classId, invitationId, email: 'uncle@example.org' }),
  withdrawInvitation: ({ classId, invitationId }) => ({ classId, invitationId }),
  groupStudents: ({ classId, studentId }) => ({ classId, personIds: [studentId], group: 'Blue' }),
  removeStudents: ({ classId, studentId }) => ({ classId, personIds: [studentId] }),
  takeInAgain: ({ classId, leaverId }) => ({ classId, personIds: [leaverId] }),
  moveStudents: ({ classId, studentId, secondClassId }) => ({
    classId,
    personIds: [studentId],
    toClassId: secondClassId,
  }),
  makeAssignment: ({ classId }) => ({ classId }),
  removeSource: ({ assignmentId }) => ({ assignmentId, sourceId: 'nosuchsource0000' }),
  changeAssignment: ({ assignmentId }) => ({ assignmentId, version: 2, fields: FIELDS }),
  unsetAssignment: ({ assignmentId }) => ({ assignmentId }),
  putAwayAssignment: ({ assignmentId }) => ({ assignmentId, away: true }),
  previewAssignmentDeletion: ({ assignmentId }) => ({ assignmentId }),
  deleteAssignment: ({ assignmentId }) => ({ assignmentId, posts: 1 }),
  restoreAssignment: ({ classId, deletedAssignmentId }) => ({
    classId,
    assignmentId: deletedAssignmentId,
  }),
  setAssignment: ({ assignmentId }) => ({ assignmentId }),
  giveAssignment: ({ assignmentId, secondClassId }) => ({
    assignmentId,
    classId: secondClassId,
    due: '2026-11-24T16:00',
  }),
  partAssignment: ({ assignmentId }) => ({ assignmentId }),
  repeatAssignment: ({ assignmentId }) => ({ assignmentId, series: SERIES }),
  endSeries: ({ assignmentId }) => ({ assignmentId }),
  readRequirements: ({ assignmentId }) => ({ assignmentId, from: 'assignment', id: assignmentId }),
  // A draft cannot be tried on; whether it may be asked at all is what the table says.
  tryRequirements: ({ assignmentId, triedPostId }) => ({
    assignmentId,
    requirements: [],
    postId: triedPostId,
  }),
  giveMoreTime: ({ assignmentId, studentId }) => ({
    assignmentId,
    personIds: [studentId],
    due: '2026-11-24T16:00',
  }),
  excuseStudents: ({ assignmentId, studentId }) => ({ assignmentId, personIds: [studentId], excused: true }),
  remindStudents: ({ assignmentId, studentId }) => ({
    assignmentId,
    personIds: [studentId],
    words: 'Write!',
  }),
  adjustAssignment: ({ assignmentId, studentId }) => ({
    assignmentId,
    personIds: [studentId],
    due: null,
    leftOut: ['words'],
    limits: {},
  }),
  dropAdjustment: ({ assignmentId, studentId }) => ({ assignmentId, personId: studentId }),
  previewEvidence: ({ assignmentId }) => ({ assignmentId, requirements: [] }),
  reviseEvidence: ({ assignmentId }) => ({ assignmentId }),
  keepRequirementSet: ({ classId }) => ({
    classId,
    title: 'Ours',
    requirements: FIELDS.requirements,
    shared: true,
  }),
  dropRequirementSet: ({ classId }) => ({ classId, setId: 'nosuchset0000000' }),
  writeComment: ({ postId }) => ({ postId, text: 'What did it smell of?' }),
  decideComment: ({ commentId }) => ({ commentId, state: 'keptBack', version: 1, keptFor: null }),
  changeCommentRules: ({ classId }) => ({ classId, holdsAll: true, maxLinks: 1, words: ['mooka'] }),
  takeBackComment: ({ commentId }) => ({ commentId }),
  makePage: ({ classId }) => ({ classId }),
  savePage: ({ pageId }) => ({ pageId, version: 2, ...PAGE }),
  showPage: ({ pageId }) => ({ pageId, version: 2, audience: 'ourClass' }),
  hidePage: ({ pageId }) => ({ pageId }),
  placePage: ({ pageId }) => ({ pageId, place: 0 }),
  takeUpRevision: ({ pageId, pageRevisionId }) => ({ pageId, version: 2, revisionId: pageRevisionId }),
  erasePage: ({ pageId }) => ({ pageId }),
  beginPost: ({ assignmentId }) => ({ assignmentId }),
  savePost: ({ postId }) => ({ postId, version: 2, writing: writing('<p>x</p>') }),
  waitingPost: ({ postId }) => ({ postId }),
  beAtPost: ({ postId }) => ({ postId, page: '0b9a7a3e-0000-4000-8000-000000000000' }),
  restoreRevision: ({ postId, revisionId }) => ({ postId, version: 2, revisionId }),
  listClassPictures: ({ classId }) => ({ classId }),
  whoIsIn: ({ classId, pictureId }) => ({ classId, pictureId }),
  tellWhoIsIn: ({ classId, pictureId }) => ({ classId, pictureId, people: [], others: 'none' }),
  takeOutPicture: ({ classId, pictureId }) => ({ classId, pictureId }),
  narrowAudience: ({ postId }) => ({ postId, audience: 'ourClass' }),
  handIn: ({ postId }) => ({ postId, version: 2 }),
  takeBack: ({ postId }) => ({ postId }),
  dropOpening: ({ postId }) => ({ postId }),
  planOpening: ({ postId }) => ({ postId, audience: 'ourClass', at: '2027-11-24T16:00' }),
  compareOwnWords: ({ postId, handInId }) => ({ postId, handInId }),
  overruleRequirement: ({ postId, handInId }) => ({
    postId,
    handInId,
    requirementId: 'words',
    met: null,
    reason: '',
  }),
  beAtReview: ({ postId, handInId }) => ({ postId, handInId }),
  typeIn: ({ assignmentId, studentId }) => ({ assignmentId, personId: studentId }),
  keepRules: ({ classId }) => ({ classId, ...RULES, version: 0 }),
  previewRules: ({ classId }) => ({ classId, ...RULES }),
  keepColumn: ({ classId }) => ({
    classId,
    columnId: null,
    title: 'An oral',
    possible: 10,
    day: null,
    categoryId: null,
  }),
  readFigure: ({ postId }) => ({ postId }),
  giveBackColumn: ({ classId, columnId, studentId }) => ({
    ...{ classId, columnId, reason: '' },
    figures: [{ personId: studentId, figure: 7.5 }],
  }),
  askQuestion: ({ assignmentId }) => ({ assignmentId, words: 'Which way?', passage: null }),
  takeBackQuestion: ({ assignmentId }) => ({ assignmentId, questionId: 'nothing' }),
  seeAnswers: ({ assignmentId }) => ({ assignmentId }),
  answerQuestion: ({ assignmentId }) => ({
    ...{ assignmentId, questionId: 'nothing', answer: 'That way.', toAll: null },
  }),
  answerAloud: ({ assignmentId }) => ({ assignmentId, questionIds: ['nothing'] }),
  dropAnswer: ({ assignmentId }) => ({ assignmentId, answerId: 'nothing' }),
  keepOwnLine: ({ classId, studentId }) => ({ classId, personId: studentId, words: 'Asks well.', was: '' }),
  previewMarks: ({ classId }) => ({ classId, term: 'year' }),
  takeMarks: ({ classId }) => ({
    ...{ classId, term: 'year', delimiter: ',', decimal: '.', headings: true },
    columns: [{ heading: 'mark', holds: 'mark' }],
  }),
  closeTerm: ({ classId }) => ({
    classId,
    term: '2026-09-01',
    reason: 'The year goes on.',
    unread: 0,
    notBack: 0,
  }),
  openTerm: ({ classId }) => ({ classId, term: '2026-09-01' }),
  takeOver: ({ classId, columnId, studentId }) => ({
    classId,
    term: '2026-09-01',
    figures: [{ personId: studentId, columnId, figure: 7.5 }],
  }),
  keepFinalMark: ({ classId, studentId }) => ({
    ...{ classId, term: 'year', personId: studentId, mark: '82.5', reason: 'The oral.', was: null },
  }),
  weighTerms: ({ classId }) => ({ classId, weights: [{ term: '2026-09-01', weight: 2 }] }),
  dropColumn: ({ classId, columnId }) => ({ classId, columnId }),
  keepFigures: ({ classId, columnId, studentId }) => ({
    classId,
    cells: [{ columnId, personId: studentId, figure: 7.5, was: null }],
  }),
  askSecondReading: ({ assignmentId, coTeacherId }) => ({
    assignmentId,
    readerId: coTeacherId,
    which: { kind: 'all' },
  }),
  dropSecondReading: ({ assignmentId }) => ({ assignmentId }),
  finishSecondReading: ({ postId, handInId }) => ({ postId, handInId }),
  settleSecondReading: ({ postId, handInId }) => ({ postId, handInId, levels: {}, reason: '' }),
  openOrigin: ({ postId }) => ({ postId }),
  seeOpenings: ({ postId }) => ({ postId }),
  lookAtName: ({ postId }) => ({ postId, reason: 'worry' }),
  takeSlip: ({ postId, handInId }) => ({ postId, handInId, taken: true }),
  openHandIn: ({ postId, handInId }) => ({ postId, handInId }),
  lookForDetails: ({ postId }) => ({ postId }),
  meanDetail: ({ postId, handInId }) => ({ postId, handInId, detail: '0'.repeat(64), reason: null }),
  keepNote: ({ postId, handInId }) => ({
    postId,
    handInId,
    noteId: 'newnote000000000',
    target: 'post',
    targetId: null,
    anchor: null,
    text: 'Lovely.',
    suggested: null,
    version: 0,
  }),
  sendNotes: ({ postId, handInId }) => ({ postId, handInId }),
  dropNote: ({ postId, noteId }) => ({ postId, noteId }),
  settleNote: ({ postId, noteId }) => ({ postId, noteId, settled: true }),
  answerNote: ({ postId, noteId }) => ({ postId, noteId, text: 'From the west.', done: true }),
  judge: ({ postId, handInId }) => ({ postId, handInId, criterionId: 'noticing', level: 0 }),
  judgeRequirement: ({ postId, handInId }) => ({
    postId,
    handInId,
    requirementId: 'why',
    judgement: 'yes',
  }),
  setGrade: ({ postId, handInId }) => ({ postId, handInId, grade: 3, reason: 'spoken' }),
  sendBack: ({ postId, handInId }) => ({ postId, handInId }),
  accept: ({ postId, handInId }) => ({ postId, handInId }),
  giveBackGrade: ({ postId, handInId }) => ({ postId, handInId }),
  publish: ({ postId }) => ({ postId, audience: 'ourClass' }),
  narrowPost: ({ postId }) => ({ postId, audience: 'writerAndTeachers' }),
  openSet: ({ assignmentId }) => ({ assignmentId }),
};

const NAMES = Object.keys(USE_CASES) as Name[];

/** What the access table is told of each world, written down apart from how the server finds it out. */
function isAbout(input: unknown, postId: string): boolean {
  return typeof input === 'object' && input !== null && 'postId' in input && input.postId === postId;
}

function isOfReading(input: unknown): boolean {
  return typeof input === 'object' && input !== null && 'readingId' in input;
}

function secondReaderIn(world: World, { people }: House): string | null {
  return world === 'readTwice' ? people.coTeacher : null;
}

function subjectIn(world: World, { people }: House): Subject {
  return {
    writerId: people.writer,
    tendedBy: [people.administrator, people.coTeacher],
    ceiling: 'everyone',
    assignmentIsSet: true,
    handedIn: world !== 'draft',
    openedByTeacher: world === 'opened' || world === 'accepted',
    accepted: world === 'accepted',
    publishedTo: world === 'accepted' ? 'everyone' : null,
  };
}

/** What belongs to no class. */
const OF_THE_INSTALL = new Set<Name>([
  'makeClass',
  'makeAccount',
  'changeAccount',
  'giveTeacher',
  'retryJobs',
  'searchPeople',
  'previewErasure',
  'deleteAnybody',
  'restoreAnybody',
  'changeRetention',
  'changeSchoolSpan',
  'nameForDuty',
  'changePromise',
  'decideWords',
  'keepAnswer',
  'answerTeller',
  'writeStep',
  'decideOpening',
  'decideJoiningAnywhere',
  'handOnAnybody',
]);

/** A student who acts on an assignment has no post in hand: the writer stands as any classmate there. */
const ON_CLASS_OR_ASSIGNMENT = new Set<Name>([
  'nameClass',
  'checkAddress',
  'changeAddress',
  'changeYear',
  'changeLook',
  'changeWords',
  'changeDesk',
  'changeAwayRule',
  'addLabel',
  'changeLabel',
  'decideLabel',
  'changePrivacy',
  'previewPrivacy',
  'openAgain',
  'setPassphrase',
  'settleClass',
  'listSentences',
  'keepSentence',
  'dropSentence',
  'takeSentence',
  'leaveLine',
  'restClass',
  'copyClass',
  'previewClassDeletion',
  'deleteClass',
  'restoreClass',
  'changeClassCode',
  'chooseSignIn',
  'previewImport',
  'importPeople',
  'makePasscodes',
  'keepPeerRule',
  'dropPeerRule',
  'makePeerGroups',
  'leavePeerGroups',
  'keepApart',
  'joinPeerReading',
  'seePeerReading',
  'changePerson',
  'noteAbsence',
  'dropAbsence',
  'groupStudents',
  'invite',
  'listClassPictures',
  'takeOutPicture',
  'recordConsent',
  'withdrawConsent',
  'resendInvitation',
  'withdrawInvitation',
  'previewDeletion',
  'deletePerson',
  'restorePerson',
  'changeLastDay',
  'changeRole',
  'handOverClass',
  'removeMember',
  'decideJoining',
  'withdrawJoining',
  'handOn',
  'removeStudents',
  'takeInAgain',
  'moveStudents',
  'makeAssignment',
  'changeAssignment',
  'removeSource',
  'setAssignment',
  'unsetAssignment',
  'putAwayAssignment',
  'previewAssignmentDeletion',
  'deleteAssignment',
  'restoreAssignment',
  'giveAssignment',
  'partAssignment',
  'repeatAssignment',
  'endSeries',
  'adjustAssignment',
  'giveMoreTime',
  'excuseStudents',
  'remindStudents',
  'dropAdjustment',
  'readRequirements',
  'tryRequirements',
  'previewEvidence',
  'reviseEvidence',
  'keepRequirementSet',
  'dropRequirementSet',
  'beginPost',
  'openSet',
  'keepRules',
  'previewRules',
  'keepColumn',
  'dropColumn',
  'keepFigures',
  'giveBackColumn',
  'closeTerm',
  'previewMarks',
  'takeMarks',
  'keepOwnLine',
  'askQuestion',
  'takeBackQuestion',
  'seeAnswers',
  'answerQuestion',
  'answerAloud',
  'dropAnswer',
  'openTerm',
  'takeOver',
  'keepFinalMark',
  'weighTerms',
  'askSecondReading',
  'dropSecondReading',
  'typeIn',
]);

async function build(world: World): Promise<{ readonly house: House; readonly ids: Ids }> {
  await emptyDatabase();
  const house = await buildHouse();
  const assignmentId = await setWork(house);
  const postId = await writePost(house, assignmentId);
  const handInId = world === 'draft' ? 'nohandinyet00000' : await handInPost(house, postId);
  if (world === 'opened') await as(house, 'teacher', USE_CASES.openHandIn, { postId, handInId });
  if (world === 'accepted') await acceptPost(house, postId, handInId);
  const readerId = secondReaderIn(world, house);
  if (readerId)
    await insertSecondReadings(database, {
      postIds: [postId],
      readerId,
      by: house.people.teacher,
      at: NOW,
    });
  const pictureId = newId();
  await insertPicture(database, {
    id: pictureId,
    classId: house.classId,
    uploadedBy: house.people.writer,
    contentHash: '0'.repeat(64),
    perceptualHash: '0'.repeat(16),
    width: 4,
    height: 3,
    purpose: 'picture',
    at: NOW,
  });
  const { postId: triedPostId } = await succeeded(
    as(house, 'classmate', USE_CASES.beginPost, { assignmentId: await setWork(house) }),
  );
  const tried = { postId: triedPostId, version: 1, writing: writing('<p>all of it grey</p>') };
  await succeeded(as(house, 'classmate', USE_CASES.savePost, tried));
  await succeeded(as(house, 'classmate', USE_CASES.handIn, { postId: triedPostId, version: 2 }));
  await keepAsRevision(database, (await findPost(database, postId))!, NOW);
  const revisionId = (await listRevisionMoments(database, postId)).at(-1)?.id ?? '';
  const secondClassId = await addClass('third', 'THIRD1', 'ourClass');
  for (const who of ['teacher', 'coTeacher', 'supplyTeacher'] as const)
    await addMember(house.people[who], secondClassId, 'teacher');
  const [studentId, leaverId] = [
    await addPerson('Sal', house.classId, 'student'),
    await addPerson('Leo', house.classId, 'student'),
  ];
  await leaveClass(database, { classId: house.classId, personId: leaverId, at: NOW });
  await succeeded(
    as(house, 'teacher', USE_CASES.recordConsent, {
      classId: house.classId,
      personIds: [studentId],
      ...CONSENT,
    }),
  );
  const caseId = newId();
  await updateDuty(database, 'safetyPerson', house.people.administrator);
  await updateDuty(database, 'deputy', house.people.coTeacher);
  await insertCase(database, {
    id: caseId,
    classId: house.classId,
    classTitle: 'Wind',
    timeZone: 'Europe/Dublin',
    kind: 'post',
    postId,
    commentId: null,
    title: 'Skies',
    keptHtml: '<p>Grey.</p>',
    keptText: null,
    couldRead: { audience: 'ourClass', students: 3, teachers: 2, editors: false, peers: 0 },
    aboutId: house.people.writer,
    aboutName: 'Wren E.',
    toldBy: house.people.classmate,
    teller: 'student',
    toldName: 'Mate E.',
    words: 'Look.',
    toldAt: NOW,
    tookAway: false,
    promisedReader: 'Ada',
    promisedAt: NOW,
    toldHelp: '',
  });
  const commentId = newId();
  const said = { postId, authorId: house.people.writer, text: 'Ask me.', words: 2, writtenAt: NOW };
  await insertComment(database, { id: commentId, ...said, state: 'shown', reasons: [] });
  const noteId = newId();
  const written = {
    target: 'post',
    targetId: null,
    anchor: null,
    typed: 'Which way?',
    suggested: null,
    savedBy: null,
    saveTurn: null,
  } as const;
  const byTeacher = { postId, authorId: house.people.teacher };
  await insertNote(database, { id: noteId, revisionId, ...byTeacher, ...written, createdAt: NOW });
  await sendTypedNotes(database, { ...byTeacher, now: NOW });
  const { pageId } = await succeeded(as(house, 'teacher', USE_CASES.makePage, { classId: house.classId }));
  await succeeded(as(house, 'teacher', USE_CASES.savePage, { pageId, version: 1, ...PAGE }));
  await succeeded(as(house, 'teacher', USE_CASES.showPage, { pageId, version: 2, audience: 'ourClass' }));
  const pageRevisionId = (await listPageRevisions(database, pageId))[0]?.id ?? '';
  const { columnId } = await succeeded(
    as(house, 'teacher', USE_CASES.keepColumn, {
      ...{ classId: house.classId, columnId: null, title: 'Reading aloud' },
      ...{ possible: 20, day: null, categoryId: null },
    }),
  );
  const readingId = newId();
  const drawn = { id: newId(), assignmentId, questions: ['What?'], named: true, drawnAt: NOW, takesAt: NOW };
  await insertRound(database, {
    ...drawn,
    alone: [],
    groups: [[house.people.writer, house.people.classmate]],
  });
  await insertMember(database, {
    ...{ roundId: drawn.id, personId: house.people.writer, group: 0, revisionId },
  });
  await markTaken(database, drawn.id, NOW);
  const between = { readerId: house.people.classmate, writerId: house.people.writer };
  await insertPeerReadings(database, [{ id: readingId, roundId: drawn.id, ...between }]);
  await upsertPeerWords(database, {
    ...{ readingId, name: '0', question: 0, anchor: null, words: 'The jar.', keptAt: NOW },
  });
  await markPeerGiven(database, readingId, NOW);
  const openingId = newId();
  await insertOpening(database, {
    id: openingId,
    classId: house.classId,
    postId,
    askedBy: house.people.coTeacher,
    askedAt: NOW,
    reason: 'A worrying word.',
    harm: '',
  });
  const deletedClassId = await addClass('gone', 'GONE1', 'ourClass');
  await addMember(house.people.teacher, deletedClassId, 'teacher');
  await addMember(house.people.coTeacher, deletedClassId, 'coTeacher');
  const eraseAt = new Date(NOW.getTime() + 86_400_000);
  await hideClass(database, { id: deletedClassId, at: NOW, eraseAt });
  const deletedAssignmentId = await setWork(house);
  await succeeded(
    as(house, 'teacher', USE_CASES.deleteAssignment, { assignmentId: deletedAssignmentId, posts: 0 }),
  );
  const deletedId = await addPerson('Del', house.classId, 'student');
  await succeeded(
    as(house, 'teacher', USE_CASES.deletePerson, { classId: house.classId, personId: deletedId }),
  );
  const [guestId, askedForId] = [
    await addPerson('Gus', house.classId, 'student'),
    await addPerson('Ona', secondClassId, 'student'),
  ];
  const asked = { groupName: null, askedBy: house.people.teacher, askedAt: NOW };
  await upsertJoinRequest(database, { classId: secondClassId, personId: guestId, ...asked });
  await upsertJoinRequest(database, { classId: house.classId, personId: askedForId, ...asked });
  const [consent] = await listConsentsOf(database, studentId);
  const { invitationId } = await succeeded(
    as(house, 'teacher', USE_CASES.invite, {
      classId: house.classId,
      role: 'reader',
      email: 'uncle@example.org',
      personId: null,
    }),
  );
  return {
    house,
    ids: {
      classId: house.classId,
      assignmentId,
      deletedAssignmentId,
      postId,
      handInId,
      studentId,
      leaverId,
      readerId: house.people.reader,
      coTeacherId: house.people.coTeacher,
      supplyId: house.people.supplyTeacher,
      administratorId: house.people.administrator,
      invitationId,
      consentId: consent?.id ?? '',
      deletedId,
      guestId,
      askedForId,
      openingId,
      deletedClassId,
      caseId,
      commentId,
      noteId,
      pageId,
      pageRevisionId,
      columnId,
      readingId,
      secondClassId,
      revisionId,
      triedPostId,
      pictureId,
    },
  };
}

afterAll(closePool);

describe.each(WORLDS)('a post that is %s', (world) => {
  let house: House;
  let ids: Ids;
  let undoing: Awaited<ReturnType<typeof undoEverything>>;
  // A world is built once; what somebody did to it is undone.
  beforeAll(async () => {
    ({ house, ids } = await build(world));
    undoing = await undoEverything();
  });
  beforeEach(() => undoing.begin());
  afterEach(() => undoing.undo());
  afterAll(() => undoing.end());

  test.each(NAMES)('%s is open to exactly those whom the table names', async (name) => {
    const useCase = USE_CASES[name];
    for (const who of EVERYBODY) {
      const personId = who === 'visitor' ? null : house.people[who];
      // What belongs to no class is asked of the account alone.
      const actor: Actor = {
        personId,
        role: OF_THE_INSTALL.has(name) ? null : ROLES[who],
        account: ACCOUNTS[who],
      };
      const { writerId, ...subject } = subjectIn(world, house);
      const input = INPUTS[name](ids);
      // Only of a post somebody is the second reader.
      const ofPost = isAbout(input, ids.postId) ? { secondReaderId: secondReaderIn(world, house) } : {};
      const ofReading = isOfReading(input) ? { peerId: house.people.classmate } : {};
      const allowed = may(
        actor,
        useCase.action,
        ON_CLASS_OR_ASSIGNMENT.has(name)
          ? subject
          : { ...subject, ...ofPost, ...ofReading, writerId: writerId ?? null },
      );
      const result = await as(house, who, useCase as (typeof USE_CASES)['takeBack'], input);
      const answer = result.ok || result.code !== 'notThere';
      expect(`${who} ${answer ? 'may' : 'may not'}`).toBe(`${who} ${allowed ? 'may' : 'may not'}`);
      // What one of them did must not change the answer to the next.
      if (!allowed) continue;
      if (result.ok && world === 'accepted') await expectShownAsItIs();
      await undoing.undo();
      await undoing.begin();
    }
  });
});

test('what is not there and what is not yours answer alike, and nothing is written', async () => {
  const { house, ids } = await build('draft');
  const foreign = await as(house, 'reader', USE_CASES.savePost, INPUTS.savePost(ids));
  const nowhere = await as(
    house,
    'reader',
    USE_CASES.savePost,
    INPUTS.savePost({ ...ids, postId: 'nosuchpost000000' }),
  );
  expect(foreign).toEqual(nowhere);
  const lines = await database.rows('SELECT * FROM audit_log WHERE actor_id = :id', {
    id: house.people.reader,
  });
  expect(lines).toEqual([]);
});

test('a deed leaves one line that carries no text', async () => {
  const { house, ids } = await build('draft');
  await as(house, 'writer', USE_CASES.savePost, {
    postId: ids.postId,
    version: 2,
    writing: writing('<p>secret words</p>'),
  });
  await as(house, 'writer', USE_CASES.handIn, { postId: ids.postId, version: 3 });
  const lines = await database.rows<{ use_case: string }>(
    'SELECT * FROM audit_log WHERE subject_id = :postId AND actor_id = :writer',
    { postId: ids.postId, writer: house.people.writer },
  );
  expect(lines).toMatchObject([{ use_case: 'handIn', about_id: house.people.writer, after_value: null }]);
  expect(JSON.stringify(lines)).not.toContain('secret');
});

test('a line says whom it is about, and which code or figure became which', async () => {
  const { house, ids } = await build('handedIn');
  const graded = (grade: number) =>
    as(house, 'teacher', USE_CASES.setGrade, {
      ...(INPUTS.setGrade(ids) as object),
      grade,
      reason: 'Read it aloud',
    });
  for (const grade of [3, 3, 4.5]) await succeeded(graded(grade));
  const lines = await database.rows(
    `SELECT about_id AS about, before_value AS 'from', after_value AS 'to' FROM audit_log
     WHERE use_case = 'setGrade' ORDER BY at, before_value, after_value`,
  );
  const about = house.people.writer;
  expect(lines).toEqual([
    { about, from: null, to: '3' },
    { about, from: '3', to: '3' },
    { about, from: '3', to: '4.5' },
  ]);
});
