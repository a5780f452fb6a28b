import { compareOwnWords as deed, type AlikeShown } from '../../../contract/reviews/compareOwnWords';
import { isTeacher } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { momentInWords } from '../../../core/timing/inWords';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import { listClassesOf, type ClassRow } from '../../tables/classes';
import type { MaybeAlike } from '../../tables/fingerprints';
import { listSources, listSourceBodies } from '../../tables/givenSources';
import { listHiddenNames } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { findRevision, listBodies } from '../../tables/revisions';
import { handInUseCase } from '../subjects/handInUseCase';
import { findAlike, givenIn } from './alike';

/** So many passages are shown of each other text. */
const MOST = 12;

export const compareOwnWords = handInUseCase(deed, {
  besidePost: true,
  async run(_, { post, assignment, inClass, latest }, { database, personId }) {
    const revision = await findRevision(database, latest.revisionId);
    if (!revision) return refused('post.tooMuch');
    const { body } = revision;
    const taught = await taughtBy(database, personId, inClass);
    const posts = await findAlike(database, { writerId: post.writerId, body, by: personId }, assignment, [
      ...taught.keys(),
    ]);
    if (!posts) return refused('post.tooMuch');
    const bodies = await listBodies(
      database,
      posts.map(({ revisionId }) => revisionId),
    );
    const others = [
      // One of them may have been erased meanwhile.
      ...posts.flatMap(({ id, revisionId }) => {
        const theirs = bodies.get(revisionId);
        return theirs === undefined ? [] : [{ id, body: theirs }];
      }),
      ...(await listSourceBodies(database, assignment)),
    ];
    const found = await work(
      'compareOwnWords',
      { body, given: givenIn(assignment), others, most: MOST },
      personId,
    );
    if (!found.ok) return refused('post.tooMuch');
    const sources = new Map((await listSources(database, assignment)).map(({ id, name }) => [id, name]));
    const postById = new Map(posts.map((one) => [one.id, one]));
    const named = found.value
      .flatMap(({ id }) => postById.get(id) ?? [])
      .filter(({ classId }) => taught.has(classId));
    const names = await namesOf(database, named);
    const hidden = await hiddenIn(database, [inClass.id, ...named.map(({ classId }) => classId)], personId);
    return done(
      found.value.map(({ id, words, passages }): AlikeShown => {
        const other = postById.get(id);
        if (!other) return { ...NOTHING_SAID, kind: 'source', name: sources.get(id) ?? '', words, passages };
        const where = taught.get(other.classId);
        // A child of a class that this teacher does not teach is never shown.
        if (!where) return { ...NOTHING_SAID, kind: 'elsewhere', words, passages: [] };
        // Where one of both is hidden, neither is named, and no way leads to the other.
        if (hidden.has(post.id) || hidden.has(other.id))
          return { ...NOTHING_SAID, kind: 'hidden', assignment: other.assignmentTitle, words, passages };
        return {
          kind: 'post',
          name: names.get(other.id) ?? '',
          className: other.classId === inClass.id ? '' : where.groupName || where.title,
          ...saidOf(other, inClass),
          words,
          passages,
        };
      }),
    );
  },
});

const NOTHING_SAID = { name: '', assignment: '', className: '', handedIn: '', postId: null } as const;

function saidOf({ id, assignmentTitle, handedInAt }: MaybeAlike, { timeZone, language }: ClassRow) {
  return {
    assignment: assignmentTitle,
    handedIn: momentInWords(handedInAt.getTime(), timeZone, language),
    postId: id,
  };
}

/** The classes that somebody teaches, this one too where they read it as an administrator. */
async function taughtBy(
  database: Database,
  personId: string,
  inClass: ClassRow,
): Promise<ReadonlyMap<string, ClassRow>> {
  const classes = (await listClassesOf(database, personId)).filter(({ role }) => isTeacher(role));
  return new Map([inClass, ...classes].map((one) => [one.id, one]));
}

/** The posts of some classes whose writers' names are hidden from a teacher. */
async function hiddenIn(
  database: Database,
  classIds: readonly string[],
  teacherId: string,
): Promise<ReadonlySet<string>> {
  const hidden = new Set<string>();
  for (const classId of new Set(classIds))
    for (const postId of (await listHiddenNames(database, { classId }, teacherId)).keys()) hidden.add(postId);
  return hidden;
}

/** Who wrote some posts, by post, as their classes call them. */
async function namesOf(
  database: Database,
  posts: readonly MaybeAlike[],
): Promise<ReadonlyMap<string, string>> {
  const names = new Map<string, string>();
  for (const [classId, ofClass] of groupedBy(posts, (post) => post.classId)) {
    const members = new Map(
      (await listEverMembers(database, classId)).map(({ personId, shownName }) => [personId, shownName]),
    );
    for (const { id, writerId } of ofClass) names.set(id, members.get(writerId) ?? '');
  }
  return names;
}
