import { AUDIENCES, cappedAudience } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { maybeWebAddress } from '../../../core/document/links';
import { missingInPictures, namingWith } from '../../../core/privacy/consent';
import { closedTo, readersNow } from '../../../core/privacy/readersNow';
import type { Place } from '../../../core/languages/languages';
import { nameOutside, teacherName } from '../../../core/people/names';
import { newEntries } from '../../../core/posts/entryLinks';
import { maybeReaches } from '../../../core/posts/release';
import { dateInWords, momentInWords, weekdayInWords } from '../../../core/timing/inWords';
import { standingsIn } from '../../deeds/assignments/growingSteps';
import { countTeachers, listSomeMembers, type MemberRow } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listDocumentCopies } from '../../tables/links';
import { findPlannedOpening, type PlannedOpeningRow } from '../../tables/plannedOpenings';
import { findPassphraseSince, findPostPassphraseSince } from '../../tables/passphrases';
import { inPicturesShown } from '../../deeds/subjects/inPicturesShown';
import { anonymously, plainly, type HandInShown } from '../../deeds/subjects/handInShown';
import { writerShown } from '../../deeds/subjects/writerShown';
import { findPostToShow, type PostFacts } from '../../deeds/subjects/findPostToActOn';
import { notesShown } from '../../deeds/notes/notesShown';
import { changesSince } from '../../deeds/posts/sinceLast';
import { listReadings } from '../../tables/readings';
import type { Desks } from '../../deeds/sessions/desk';
import { findAtSlip } from '../../deeds/reviews/atSlip';
import { bothReadings, readingOf } from '../../deeds/grades/readingOf';
import { findSecondReading } from '../../tables/secondReadings';
import { bothIn } from '../../../core/grading/secondReading';
import type { HandInRow } from '../../tables/handIns';
import { listHiddenNames } from '../../tables/hiddenNames';
import { findPending } from '../../tables/pendingDecisions';
import { findPerson, findSealKey } from '../../tables/people';
import type { PlaceInText } from '../../../contract/reviews/placeInText';
import type { Answer } from '../../../core/requirements/answer';
import { work } from '../../ground/work/work';
import type { Writing } from '../../tables/writings';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { findRevision } from '../../tables/revisions';
import { listDetailDecisions } from '../../tables/detailDecisions';
import type { DetailShown } from '../../../contract/details/detailShown';
import { findDetailsIn } from '../../deeds/details/findDetailsIn';
import { findHandedInText, type HandedInText } from '../../tables/revisionCopies';

/** Everything that a teacher sees of a handed-in post; null for everybody else, as for a post that is not there. */
export async function maybeReview(
  postId: string,
  desks: Desks,
  { since = null }: { readonly since?: number | null } = {},
) {
  const { now } = desks[0];
  const found = await findPostToShow(database, postId, now);
  const desk = desks.find(({ inClass }) => inClass.id === found?.classId);
  if (!found || !desk) return null;
  const { personId, role, place } = desk;
  if (!may({ personId, role }, 'post.review', found.subject)) return null;
  const { post, assignment, inClass, handIns, readBy, grade: gradeRow } = found.rows;
  const latest = handIns.at(-1);
  const revision = latest && (await findHandedInText(database, latest.revisionId));
  const written = latest && (await findRevision(database, latest.revisionId));
  if (!latest || !revision || !written) return null;
  const second = await secondOf(found.rows, personId);
  const members = new Map(
    (
      await listSomeMembers(
        database,
        inClass.id,
        [
          post.writerId,
          post.typedInById,
          second.shown?.readerId ?? null,
          ...readBy.map(({ teacherId }) => teacherId),
          ...missingInPictures(found.rows.outside),
        ].filter((one) => one !== null),
      )
    ).map((member) => [member.personId, member]),
  );
  const writer = members.get(post.writerId);
  if (!writer) return null;
  const number = assignment.hidesNames
    ? (await listHiddenNames(database, { postId }, personId)).get(postId)
    : undefined;
  const hidden = number !== undefined;
  const { writing, html, seen } = hidden ? await anonymously(written, personId) : plainly(written, revision);
  const { timeZone, language } = place;
  const { levels, overrulings, answer, grade } = second.reading;
  const { withheld } = second;
  return {
    postId,
    classId: inClass.id,
    language,
    handInId: latest.id,
    title: revision.title,
    subtitle: revision.beside.subtitle,
    html: htmlForReaders({ html }, { sameTab: false }),
    ...(await changedOf(handIns, {
      ...{ personId, place, since, anonymous: hidden },
      growing: assignment.growing ? revision : null,
    })),
    steps: standingsIn(assignment, place, handIns, now),
    documents: await documentsOf(revision, place),
    parts: revision.headings.map((heading) => heading.text),
    labels: revision.labels,
    writer: { ...writerShown(writer, number), hidden },
    typedInBy: hidden || post.typedInById === null ? null : nameOf(members.get(post.typedInById)),
    assignmentId: assignment.id,
    assignmentTitle: assignment.title,
    handedIn: momentInWords(latest.handedInAt.getTime(), timeZone, language),
    ordinal: latest.ordinal,
    words: latest.words,
    daysLate: grade.daysLate,
    stage: post.stage,
    /** Whether others teach the class too. */
    shared: (await countTeachers(database, inClass.id)) > 1,
    at: await findAtSlip(database, postId, { personId, now }),
    pending: await pendingOf(latest, { personId, now }),
    answer: answer ?? latest.evidence,
    /** Whether they may open where it came from. */
    mayOpenOrigin: may({ personId, role }, 'origin.open', found.subject),
    second: second.shown && { ...second.shown, by: nameOf(members.get(second.shown.readerId)) },
    overruled: Object.fromEntries(
      Object.entries(overrulings).map(([id, { met, reason }]) => [id, { met, reason }]),
    ),
    requirements: assignment.requirements,
    rubric: assignment.rubric,
    levels,
    grade,
    override:
      gradeRow && gradeRow.overrideGrade !== null && !second.mine
        ? { grade: gradeRow.overrideGrade, reason: gradeRow.overrideReason ?? '' }
        : null,
    gradeGivenBack:
      gradeRow?.givenBackAt && gradeRow.givenBack && !second.mine
        ? {
            grade: gradeRow.givenBack.grade,
            when: weekdayInWords(gradeRow.givenBackAt.getTime(), timeZone, language),
          }
        : null,
    places: await placesShown(writing, latest.evidence, personId),
    details: await detailsShown(
      { postId, revisionId: latest.revisionId, writing: written, inClass, by: personId },
      seen,
    ),
    notes: may({ personId, role }, 'note.read', found.subject)
      ? await notesShown(database, postId, {
          personId,
          inWords: (at) => weekdayInWords(at.getTime(), timeZone, language),
          withheld,
        })
      : [],
    /** Seals notes that are not saved yet on this device. */
    reader: { id: personId, sealKey: (await findSealKey(database, personId))?.toString('base64') ?? '' },
    readers: {
      planned: plannedOf(await findPlannedOpening(database, postId), place),
      ...readersOf(found.rows, {
        passphraseSince: await findPostPassphraseSince(database, postId),
        members,
        place,
        hidden,
      }),
      classPassphrase: (await findPassphraseSince(database, inClass.id)) !== null,
      /** Under which name everyone reads it. */
      as: hidden ? null : nameOutside(writer, namingWith(found.rows.outside.appears, inClass.namingRule)),
    },
    readBy: readBy.map((reading) => {
      return {
        name: nameOf(members.get(reading.teacherId)),
        when: weekdayInWords(reading.firstReadAt.getTime(), timeZone, language),
      };
    }),
  };
}

function nameOf(teacher: MemberRow | undefined): string {
  return teacher ? teacherName(teacher) : '';
}

/**
 * What somebody who looks at a post sees of what was given it. Who reads it a second time sees their own until they are done; the
 * others do not see theirs until both have judged.
 */
async function secondOf(facts: PostFacts, personId: string) {
  const row = facts.post.second && (await findSecondReading(database, facts.post.id));
  if (!row)
    return {
      reading: await readingOf(database, facts, 'first'),
      mine: false,
      shown: null,
      withheld: () => false,
    };
  const { first, second, state } = await bothReadings(database, facts, row);
  const { readerId } = row;
  const isReader = readerId === personId;
  const mine = isReader && row.doneAt === null;
  return {
    reading: mine ? second : first,
    mine,
    /** `mine`: they read it and are not done. `locked`: both have judged, and levels are set in the second reading. */
    shown: { readerId, mine, state, locked: bothIn(state) },
    withheld: (authorId: string) =>
      mine ? authorId !== personId : !isReader && !bothIn(state) && authorId === readerId,
  };
}

/** To whom the post is to be opened, and when in words. */
function plannedOf(planned: PlannedOpeningRow | null, { timeZone, language }: Place) {
  return (
    planned && {
      audience: planned.audience,
      when: momentInWords(planned.at.getTime(), timeZone, language),
      notOpened: planned.refused !== null,
    }
  );
}

/** The personal details in a hand-in with what was decided about them; null where it could not be looked through now. */
async function detailsShown(
  looked: Parameters<typeof findDetailsIn>[1],
  seen: HandInShown['seen'],
): Promise<readonly DetailShown[] | null> {
  const all = await findDetailsIn(database, looked);
  if (!all) return null;
  const found = all.filter(({ where, from, to }) => where !== 'text' || seen(from, to));
  const decided = new Map(
    found.length > 0
      ? (await listDetailDecisions(database, looked.postId)).map(
          (decision) => [decision.key, decision] as const,
        )
      : [],
  );
  return found.map(({ key, kind, where, text, from, to, mending }) => {
    const { reason, givenName, familyName } = decided.get(key) ?? {};
    const by = givenName ? teacherName({ givenName, familyName: familyName ?? '' }) : '';
    return { key, kind, where, text, from, to, mending, meant: reason ? { reason, by } : null };
  });
}

/** So many places of a requirement are shown. */
const MOST_PLACES = 12;
/** So much is shown of what stands there, in characters. */
const MOST_OF_PLACE = 90;

/** Where in the text what each requirement speaks of stands, by requirement; those without a place are not named. */
async function placesShown(
  { body }: Writing,
  { requirements }: Answer,
  by: string,
): Promise<Readonly<Record<string, readonly PlaceInText[]>>> {
  const all = requirements.flatMap(({ id, places }) =>
    places.slice(0, MOST_PLACES).map((place) => ({ id, ...place })),
  );
  if (all.length === 0) return {};
  const places = all.map(({ from, to }) => ({ from, to }));
  const found = await work('passagesAt', { body, places, most: MOST_OF_PLACE }, by);
  const shown: Record<string, PlaceInText[]> = {};
  if (found.ok)
    for (const [index, passage] of found.value.entries()) {
      const { id = '', reason = '' } = all[index] ?? {};
      (shown[id] ??= []).push({ ...passage, reason });
    }
  return shown;
}

interface Comparing {
  readonly personId: string;
  readonly place: Place;
  /** The hand-in that the latest is compared with; null for the one that is taken where nobody chose. */
  readonly since: number | null;
  /** Whether who reads may not know whose it is. */
  readonly anonymous: boolean;
  /** What was handed in, where it grows entry by entry; null where it is written once. */
  readonly growing: HandedInText | null;
}

/**
 * What is new since the hand-in that this teacher read last, or since the one before where they read none, or since a chosen one;
 * and what else it can be compared with.
 */
async function changedOf(
  handIns: PostFacts['handIns'],
  { personId, place, since, growing, anonymous }: Comparing,
) {
  const latest = handIns.at(-1);
  const earlier = handIns.slice(0, -1);
  if (!latest || earlier.length === 0) return { changed: null, earlier: [], newEntries: [] };
  const read = new Map(
    (await listReadings(database, latest.postId))
      .filter((reading) => reading.teacherId === personId)
      .map((reading) => [reading.handInId, reading.firstReadAt]),
  );
  const chosen =
    earlier.find((one) => one.ordinal === since) ??
    earlier.findLast((one) => read.has(one.id)) ??
    earlier.at(-1)!;
  const found = await changesSince(database, chosen, latest, { anonymous });
  const before = growing && (await findHandedInText(database, chosen.revisionId));
  const inWords = (at: Date) => weekdayInWords(at.getTime(), place.timeZone, place.language);
  const readAt = read.get(chosen.id);
  return {
    changed: found && {
      ordinal: chosen.ordinal,
      handedIn: inWords(chosen.handedInAt),
      readAt: readAt ? inWords(readAt) : null,
      changes: found.changes,
    },
    earlier: earlier.map((one) => ({ ordinal: one.ordinal, handedIn: inWords(one.handedInAt) })),
    /** Of a growing post: what it has now and had not then. */
    newEntries: growing && before ? newEntries(growing.headings, before.headings, place.language) : [],
  };
}

/** What was decided a moment ago and does not count yet, or could not be carried out; null where nothing was. */
async function pendingOf(
  { id, postId }: HandInRow,
  { personId, now }: { readonly personId: string; readonly now: Date },
) {
  const pending = await findPending(database, postId);
  // What was decided about an earlier hand-in is of no use any more.
  if (pending?.handInId !== id) return null;
  const { decision, by, countsFrom, refused } = pending;
  const mine = by === personId;
  const person = mine ? null : await findPerson(database, by);
  return {
    decision,
    mine,
    name: person ? teacherName(person) : '',
    countsIn: Math.max(0, countsFrom.getTime() - now.getTime()),
    refused,
  };
}

/** The shared documents of a hand-in, each with what it said then, where a stranger could read it. */
async function documentsOf({ revisionId, documents }: HandedInText, { timeZone, language }: Place) {
  if (documents.length === 0) return [];
  const copies = new Map(
    (await listDocumentCopies(database, revisionId)).map((copy) => [copy.address, copy]),
  );
  return documents.map(({ address, title }) => {
    const copy = copies.get(maybeWebAddress(address) ?? '');
    return {
      address,
      title,
      text: copy?.text ?? null,
      when: copy ? momentInWords(copy.copiedAt.getTime(), timeZone, language) : null,
    };
  });
}

/** When the hand-in that readers see was handed in, where there is a later one. */
function earlierRead(
  publication: PostFacts['publication'],
  handIns: PostFacts['handIns'],
  place: Place,
): string | null {
  const read = publication && handIns.find((one) => one.revisionId === publication.revisionId);
  return read && read !== handIns.at(-1)
    ? weekdayInWords(read.handedInAt.getTime(), place.timeZone, place.language)
    : null;
}

function readersOf(
  { post, assignment, inClass, classCeiling, outside, publication, handIns }: PostFacts,
  {
    passphraseSince,
    members,
    place,
    hidden,
  }: {
    readonly passphraseSince: Date | null;
    readonly members: ReadonlyMap<string, MemberRow>;
    readonly place: Place;
    /** Whether the writer's name is: what leads to the blog, or names a classmate, says whose it is. */
    readonly hidden: boolean;
  },
) {
  const wished = cappedAudience(inClass.ceiling, assignment.audience, post.audience);
  return {
    now: publication && readersNow(publication.audience, { ceiling: classCeiling, outside, away: post.away }),
    inPictures: inPicturesShown(outside, hidden ? null : members),
    published: publication?.audience ?? null,
    /** When what they read was handed in, where its writer has handed in again since; null where they read the latest. */
    readEarlier: earlierRead(publication, handIns, place),
    /** To whom it can be given, and why not to others. */
    choices: AUDIENCES.map((audience) => ({
      audience,
      closed: closedTo(audience, {
        ceiling: classCeiling,
        wished: post.audience,
        outside,
        accepted: post.stage === 'accepted',
        published: publication?.audience ?? null,
      }),
    })),
    since: publication && momentInWords(publication.since.getTime(), place.timeZone, place.language),
    whenAccepted: maybeReaches('accepted', assignment.release, wished, {
      setOpened: assignment.openedAt !== null,
    }),
    release: assignment.release,
    /** Whom it may reach at most, by what writer, assignment and class allow. */
    wished,
    address: hidden ? null : post.address && `/blog/${inClass.address}/${post.address}`,
    askedAddress: hidden ? null : post.askedAddress && `/blog/${inClass.address}/${post.askedAddress}`,
    passphraseSince:
      passphraseSince && dateInWords(passphraseSince.getTime(), place.timeZone, place.language),
  };
}
