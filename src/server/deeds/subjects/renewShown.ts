import { audiencesUpTo, goesBeyondClass } from '../../../core/access/audience';
import { groupedBy } from '../../../core/groupedBy';
import { labelKey } from '../../../core/labels/labelKey';
import { shownLabels } from '../../../core/labels/shownLabels';
import type { PersonName } from '../../../core/people/names';
import { consentOn, outside, withPictured, type Consent } from '../../../core/privacy/consent';
import { ALWAYS, daysBeyond, type Days } from '../../../core/privacy/daysBeyond';
import { localDate } from '../../../core/timing/zonedTime';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertJob } from '../../ground/jobs/queries';
import { findClass, listClassesEverOf, type ClassRow } from '../../tables/classes';
import { listConsentsOfPeople } from '../../tables/consents';
import { findLabelChanges, listProposals } from '../../tables/labels';
import { listPictured } from '../../tables/picturePeople';
import {
  listClassesOfPosts,
  listShownLabelRows,
  listShownRows,
  listToShow,
  replaceShown,
  type PostsToShow,
  type Reach,
  type ShownLabelRow,
  type ShownRow,
  type ToShow,
} from '../../tables/shownPosts';
import { listWriterAddresses, replaceWriterAddresses } from '../../tables/writerAddresses';
import { nameForReaders, nameHash } from './nameForReaders';

/** No day at all. */
const NEVER: Days = { from: ALWAYS.until, until: ALWAYS.from };

/**
 * Works out anew which circles of readers see the posts of a class, and under which labels: whatever changes what is published, how a
 * writer may appear outside, who is in a picture, what a worry keeps away or what a label is called ends with it. Only what changed
 * is written. How many posts that were.
 */
export async function renewShown(database: Database, which: PostsToShow, now: Date): Promise<number> {
  const inClass = await findClass(database, which.classId);
  if (!inClass) return 0;
  const toShow = await listToShow(database, which);
  const pictured = await picturedIn(database, inClass, toShow);
  const consents = await consentsFor(database, inClass, { toShow, pictured });
  const beyond = daysBeyondOf(inClass, { pictured, consents, now });
  const changes = await findLabelChanges(database, inClass.id);
  const waiting = new Set((await listProposals(database, inClass.id)).map((one) => labelKey(one.label)));
  const wanted = toShow.map(({ name, labels, ...post }) => ({
    posts: reachesOf(post).map((reach): ShownRow => ({ ...post, reach, beyond: beyond({ ...post, name }) })),
    labels: labelRows(post, shownLabels(labels, changes, waiting)),
  }));
  const rows = {
    posts: wanted.flatMap((one) => one.posts),
    labels: wanted.flatMap((one) => one.labels),
  };
  const renewed = await renewWriters(database, inClass, { toShow, consents, now });
  return renewed + (await writeChanges(database, which, rows, now));
}

/** The same for some posts, of whatever classes. */
export async function renewShownPosts(
  database: Database,
  postIds: readonly string[],
  now: Date,
): Promise<void> {
  for (const [classId, posts] of groupedBy(await listClassesOfPosts(database, postIds), (one) => one.classId))
    await renewShown(database, { classId, postIds: posts.map(({ postId }) => postId) }, now);
}

/** The same for all classes in which somebody is or was: they wrote there, or are in a picture. */
export async function renewShownOf(database: Database, personId: string, now: Date): Promise<void> {
  for (const { id } of await listClassesEverOf(database, personId))
    await renewShown(database, { classId: id, postIds: null }, now);
}

/** The circles that see a post, as far as it was published; the ceiling of the class is asked at each reading. */
function reachesOf({ audience }: ToShow): readonly Reach[] {
  return audiencesUpTo(audience).filter((one) => one !== 'writerAndTeachers');
}

function labelRows(
  { postId, classId, shownAt }: ToShow,
  labels: readonly string[],
): readonly ShownLabelRow[] {
  return labels.map((label, place) => ({ postId, classId, key: labelKey(label), label, place, shownAt }));
}

type Named = ToShow & { readonly name: PersonName };
type Pictured = Awaited<ReturnType<typeof listPictured>>[number];
/** The consents for everybody whom these posts concern, by person. */
type Consents = ReadonlyMap<string, readonly Consent[]>;

/** Who is in the pictures of those of these posts that were published beyond the class, by post. */
async function picturedIn(
  database: Database,
  inClass: ClassRow,
  toShow: readonly ToShow[],
): Promise<ReadonlyMap<string, readonly Pictured[]>> {
  const further = toShow.filter(({ audience }) => goesBeyondClass(audience));
  if (!inClass.consentNeeded || further.length === 0) return new Map();
  const postId = further.length === 1 ? (further[0]?.postId ?? null) : null;
  return groupedBy(await listPictured(database, { classId: inClass.id, postId }), (one) => one.postId);
}

async function consentsFor(
  database: Database,
  { consentNeeded }: ClassRow,
  {
    toShow,
    pictured,
  }: { readonly toShow: readonly ToShow[]; readonly pictured: ReadonlyMap<string, readonly Pictured[]> },
): Promise<Consents> {
  if (!consentNeeded || toShow.length === 0) return new Map();
  const concerned = toShow.flatMap(({ postId, writerId }) => [
    writerId,
    ...(pictured.get(postId) ?? []).flatMap(({ personId }) => personId ?? []),
  ]);
  return groupedBy(await listConsentsOfPeople(database, [...new Set(concerned)]), (one) => one.personId);
}

/** On which days each of these posts may go beyond the class, as far as it was published so far. */
function daysBeyondOf(
  inClass: ClassRow,
  {
    pictured,
    consents,
    now,
  }: {
    readonly pictured: ReadonlyMap<string, readonly Pictured[]>;
    readonly consents: Consents;
    readonly now: Date;
  },
): (post: Named) => Days {
  if (!inClass.consentNeeded) return () => ALWAYS;
  const day = localDate(now.getTime(), inClass.timeZone);
  const of = (personId: string): readonly Consent[] => consents.get(personId) ?? [];
  return (post) => {
    if (!goesBeyondClass(post.audience)) return ALWAYS;
    const people = pictured.get(post.postId) ?? [];
    const gone = new Set(people.filter((one) => one.deleted === 1).map((one) => one.personId));
    const allowedOn = (on: string) => {
      const writer = outside(of(post.writerId), on, post.name);
      const agreed = (personId: string) => !gone.has(personId) && consentOn(of(personId), on).has('pictures');
      const ids = people.map(({ personId }) => personId);
      return withPictured(writer, ids, agreed).lacks === null;
    };
    const concerned = [post.writerId, ...people.flatMap(({ personId }) => personId ?? [])];
    return daysBeyond(day, allowedOn, concerned.flatMap(of)) ?? NEVER;
  };
}

/** Gives each writer an address of their own for each name under which they are read outside. How many are new. */
async function renewWriters(
  database: Database,
  inClass: ClassRow,
  {
    toShow,
    consents,
    now,
  }: { readonly toShow: readonly Named[]; readonly consents: Consents; readonly now: Date },
): Promise<number> {
  const writers = new Map(toShow.map(({ writerId, name }) => [writerId, name]));
  if (writers.size === 0) return 0;
  const day = localDate(now.getTime(), inClass.timeZone);
  const personIds = [...writers.keys()];
  const before = await listWriterAddresses(database, { classId: inClass.id, personIds });
  const renewed = [...writers].flatMap(([personId, name]) => {
    const named = nameHash(nameForReaders(name, consents.get(personId) ?? [], { inClass, day }));
    return before.get(personId)?.nameHash.equals(named)
      ? []
      : [{ personId, address: newId(), nameHash: named }];
  });
  await replaceWriterAddresses(database, inClass.id, renewed);
  return renewed.length;
}

/** Writes the posts that stand otherwise than before, those that nobody sees any more among them. */
async function writeChanges(
  database: Database,
  which: PostsToShow,
  wanted: { readonly posts: readonly ShownRow[]; readonly labels: readonly ShownLabelRow[] },
  now: Date,
): Promise<number> {
  const shownBefore = await listShownRows(database, which);
  const before = linesByPost(shownBefore, await listShownLabelRows(database, which));
  const after = linesByPost(wanted.posts, wanted.labels);
  const changed = [...new Set([...before.keys(), ...after.keys()])].filter(
    (postId) => before.get(postId) !== after.get(postId),
  );
  const among = new Set(changed);
  await replaceShown(
    database,
    { classId: which.classId, postIds: changed },
    {
      posts: wanted.posts.filter(({ postId }) => among.has(postId)),
      labels: wanted.labels.filter(({ postId }) => among.has(postId)),
    },
  );
  // What is found by its words changes with the text alone; which reader finds it is asked at each search.
  const texts = ({ revisionId }: ShownRow) => revisionId;
  if (!sameSet(shownBefore.map(texts), wanted.posts.map(texts)))
    await insertJob(database, { kind: 'indexClass', payload: { classId: which.classId }, at: now });
  return changed.length;
}

function sameSet(one: readonly string[], other: readonly string[]): boolean {
  const [ones, others] = [new Set(one), new Set(other)];
  return ones.size === others.size && one.every((value) => others.has(value));
}

/** All that stands about each post as one text, so that it can be compared. */
function linesByPost(
  posts: readonly ShownRow[],
  labels: readonly ShownLabelRow[],
): ReadonlyMap<string, string> {
  const lines = [
    ...posts.map((one) => ({
      postId: one.postId,
      line: [
        ...[one.reach, one.writerId, one.assignmentId, one.revisionId, one.audience, one.shownAt.getTime()],
        ...[one.beyond.from, one.beyond.until, one.away],
      ].join(' '),
    })),
    ...labels.map((one) => ({
      postId: one.postId,
      line: `${one.place} ${one.key} ${one.label} ${one.shownAt.getTime()}`,
    })),
  ];
  return new Map(
    [...groupedBy(lines, ({ postId }) => postId)].map(([postId, all]) => [
      postId,
      all
        .map(({ line }) => line)
        .sort()
        .join('\n'),
    ]),
  );
}
