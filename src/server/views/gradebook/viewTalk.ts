import type {
  ChooseSheetsShown,
  TalkNote,
  TalkPost,
  TalkSheet,
  TalkShown,
} from '../../../contract/gradebook/sheetShown';
import { narrower } from '../../../core/access/audience';
import { holdsDay } from '../../../core/classes/schoolYear';
import { isStudent, may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { marks } from '../../../core/requirements/slats';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { readTold } from '../../deeds/gradebook/readTold';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import { listHandInsOf } from '../../tables/handIns';
import { hiddenOfClass } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { listSentTo } from '../../tables/notes';
import { listPostStates, type PostStateRow } from '../../tables/postStates';
import { listOwnToRead } from '../../tables/secondReadings';

/** A class has no more talks on a day. */
const MOST_SHEETS = 60;

interface Asked {
  /** In the order in which they are printed. */
  readonly personIds: readonly string[];
  /** The first day of a term; null for the year. */
  readonly term: string | null;
}

/**
 * Sheets to talk about with students and their families, for those who teach the class; null for everybody else. What is not handed in
 * stands there by its assignment alone, what is judged without names and what was not given back not at all, and nobody else's name.
 */
export async function maybeTalk({ personIds, term }: Asked, desk: Desk): Promise<TalkShown | null> {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'gradebook.read', {})) return null;
  const classId = inClass.id;
  const everybody = await listEverMembers(database, classId);
  const people = new Map(everybody.map((member) => [member.personId, member]));
  const asked = [...new Set(personIds)]
    .filter((id) => isStudent(people.get(id)?.role ?? 'reader'))
    .slice(0, MOST_SHEETS);
  const [assignments, states, handIns, notes, told, ownToRead] = await Promise.all([
    listAssignments(database, classId, now),
    listPostStates(database, { classId }),
    listHandInsOf(database, classId, asked),
    listSentTo(database, classId, asked),
    readTold(database, { inClass, personIds: asked, now, language: place.language }),
    listOwnToRead(database, { classId, readerId: personId }),
  ]);
  const hidden = await hiddenOfClass(database, classId, { assignments, teacherId: personId });
  const span = inClass.year.terms.find(({ from }) => from === term) ?? null;
  const when = (at: Date) => dateInWords(at.getTime(), place.timeZone, place.language);
  const of = new Map(assignments.map((assignment) => [assignment.id, assignment]));
  const handInsOf = groupedBy(handIns, ({ postId }) => postId);
  const isShown = (post: PostStateRow, assignment: AssignmentRow) => {
    // That a post without a name is missing here must not tell that it is handed in.
    if (assignment.hidesNames && (!handInsOf.has(post.postId) || hidden.has(post.postId))) return false;
    const at = assignment.dueAt ?? post.handedInAt;
    const day = at && localDate(at.getTime(), inClass.timeZone);
    return !span || holdsDay(span, day);
  };
  const posts = groupedBy(states, ({ writerId }) => writerId);
  const shownPost = (post: PostStateRow, assignment: AssignmentRow): TalkPost => {
    const handedIn = handInsOf.get(post.postId) ?? [];
    const last = handedIn.at(-1);
    return {
      id: post.postId,
      title: last?.title.trim() || assignment.title,
      day: last ? when(last.handedInAt) : null,
      slats: last && post.evidence ? marks(post.evidence.requirements, assignment.requirements) : null,
      readers: post.audience && !post.away ? narrower(inClass.ceiling, post.audience) : null,
      words: handedIn.map(({ words }) => words),
    };
  };
  const notesOf = groupedBy(notes, ({ postId }) => postId);
  const sheet = (id: string): TalkSheet => {
    const own = (posts.get(id) ?? []).flatMap((post) => {
      const assignment = of.get(post.assignmentId ?? '');
      return assignment && isShown(post, assignment) ? [{ post, assignment }] : [];
    });
    const shown = own
      .map(({ post, assignment }) => shownPost(post, assignment))
      .toSorted((one, another) => firstHandIn(one.id) - firstHandIn(another.id) || 0);
    const toldTerm = told.inSpan(id, span);
    const named = new Set(
      toldTerm.categories.filter(({ score }) => score !== null).map(({ title }) => title),
    );
    return {
      personId: id,
      name: people.get(id)!.shownName,
      posts: shown,
      underWay: shown.filter(({ day }) => day === null).length,
      notes: own
        .flatMap(({ post }) => (ownToRead.has(post.postId) ? [] : (notesOf.get(post.postId) ?? [])))
        .toSorted((one, another) => another.sentAt.getTime() - one.sentAt.getTime())
        .map((note): TalkNote => {
          const by = people.get(note.authorId);
          return {
            ...{ id: note.id, postId: note.postId, text: note.sent, answer: note.answer },
            quote: note.anchor?.quote ?? null,
            by: by ? teacherName(by) : '',
            when: when(note.sentAt),
          };
        }),
      told: toldTerm,
      waiting: told.rules.categories.filter(({ title }) => !named.has(title)).map(({ title }) => title),
    };
  };
  const firstHandIn = (postId: string) => handInsOf.get(postId)?.[0]?.handedInAt.getTime() ?? Infinity;
  const self = people.get(personId);
  return {
    classId,
    inClass: [inClass.groupName, inClass.title, inClass.schoolName].filter(Boolean).join(', '),
    teacher: self ? teacherName(self) : '',
    rounding: told.rules.rounding,
    terms: inClass.year.terms.map(({ from, name }) => ({ term: from, name })),
    term: span?.from ?? null,
    sheets: asked.map(sheet),
  };
}

/** The students of a class, to choose for whom sheets are made; null for who does not teach it. */
export async function maybeChooseSheets({
  personId,
  role,
  inClass,
}: Desk): Promise<ChooseSheetsShown | null> {
  if (!may({ personId, role }, 'gradebook.read', {})) return null;
  const members = await listEverMembers(database, inClass.id);
  return {
    classId: inClass.id,
    students: members
      .filter((member) => isStudent(member.role) && member.leftAt === null)
      .map((member) => ({ personId: member.personId, name: member.shownName })),
  };
}
