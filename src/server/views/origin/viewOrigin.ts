import { may } from '../../../core/access/may';
import type { Place } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { columnsOf, daysWritten, netted, sumOf, type Column, type Sitting } from '../../../core/origin/fence';
import { dateInWords, dayInWords, momentInWords, monthInWords, shortDay } from '../../../core/timing/inWords';
import { anonymously } from '../../deeds/subjects/handInShown';
import { findPostToShow, type PostFacts } from '../../deeds/subjects/findPostToActOn';
import { openSince } from '../../deeds/origin/openOrigin';
import type { Desk } from '../../deeds/sessions/desk';
import { writerShown } from '../../deeds/subjects/writerShown';
import { database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import { listHiddenNames } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { listOriginOpenings } from '../../tables/originOpenings';
import { findRevision } from '../../tables/revisions';
import { listPieces, listSittings, MOST_PIECES } from '../../tables/sittings';
import type { Writing } from '../../tables/writings';

/**
 * Where the text of a post came from. Its writer sees it at any time, of the draft as it stands. A teacher sees it of what was handed in
 * last, where the class had said so before it was begun, and once they have opened it. Null for everybody else.
 */
export async function maybeOrigin(postId: string, desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  const found = await findPostToShow(database, postId, now);
  if (found?.classId !== inClass.id || !may({ personId, role }, 'origin.read', found.subject)) return null;
  const facts = found.rows;
  const { post, assignment } = facts;
  const own = post.writerId === personId;
  const who = await whoseOf(facts, { personId, own });
  const latest = facts.handIns.at(-1);
  if (!who) return null;
  const about = {
    classId: inClass.id,
    postId,
    own,
    assignmentTitle: assignment.title,
    handedIn:
      latest && !own ? momentInWords(latest.handedInAt.getTime(), place.timeZone, place.language) : null,
    ...who,
    /** Since when the class says that its teachers may open it; null where they may not open this one. */
    since:
      found.subject.originSaid && inClass.originSince
        ? dateInWords(inClass.originSince.getTime(), place.timeZone, place.language)
        : null,
  };
  const openedAt = own ? null : await openSince(database, { postId, teacherId: personId, now });
  if (!own && !openedAt) return { ...about, shown: null };
  return {
    ...about,
    shown: {
      openings: await openingsOf(postId, { personId, own, place }),
      ...(await shownOf(facts, { own, anonymous: who.hidden, by: personId, place })),
    },
  };
}

/** The writer as who looks may know them. */
async function whoseOf(
  { post }: PostFacts,
  { personId, own }: { readonly personId: string; readonly own: boolean },
) {
  const writer = (await listEverMembers(database, post.classId)).find(
    (one) => one.personId === post.writerId,
  );
  if (!writer) return null;
  const number = own
    ? undefined
    : (await listHiddenNames(database, { postId: post.id }, personId)).get(post.id);
  const { name, called } = writerShown(writer, number);
  return { name: called ?? name, hidden: number !== undefined };
}

/** Who opened it when: for its writer all, for a teacher what they did themselves. */
async function openingsOf(
  postId: string,
  { personId, own, place }: { readonly personId: string; readonly own: boolean; readonly place: Place },
) {
  const all = await listOriginOpenings(database, postId);
  return all
    .filter(({ teacherId }) => own || teacherId === personId)
    .map(({ at, ...teacher }) => ({
      by: teacherName(teacher),
      when: momentInWords(at.getTime(), place.timeZone, place.language),
    }));
}

interface Shown {
  readonly own: boolean;
  readonly anonymous: boolean;
  readonly by: string;
  readonly place: Place;
}

async function shownOf(facts: PostFacts, { own, anonymous, by, place }: Shown) {
  const { post, handIns } = facts;
  const latest = handIns.at(-1);
  const text = own ? post : latest && (await textOf(latest.revisionId, anonymous ? by : null));
  if (!text) throw new Error('a post that was handed in has no text');
  const until = own ? Infinity : (latest?.sitting ?? 0);
  const sittings = (await listSittings(database, post.id)).filter(({ number }) => number <= until);
  const pieces = (await listPieces(database, post.id)).filter(({ sitting }) => sitting <= until);
  const days = new Map(sittings.map(({ number, day }) => [number, day]));
  const found = await work(
    'originOf',
    { body: text.body, postId: post.id, pieces: pieces.map(({ words }) => words) },
    by,
  );
  if (!found.ok) throw new Error(`where a text came from could not be looked through: ${found.why}`);
  const { words, html, standing } = found.value;
  const net = sittings.map((one): Sitting => ({ day: one.day, ...netted(one) }));
  const sum = sumOf(net);
  return {
    title: text.title,
    html: htmlForReaders({ html }, { sameTab: false }),
    words,
    sum,
    /** Words that stood there before any were counted; fewer than none where some of them are gone. */
    before: words - (sum.written + sum.pasted + sum.back - sum.removed),
    ...daysWritten(net),
    columns: columnsOf(net).map((column, index, all) => labelled(column, all[index - 1], place)),
    sittings: net.map(({ day, ...moved }) => ({ day: dayIn(day, place), ...moved })),
    pieces: pieces.map(({ sitting, words: all }, index) => {
      return {
        day: shortDay(days.get(sitting) ?? '', place.language, { month: true }),
        words: all.length,
        standing: standing[index]?.words ?? 0,
        passages: standing[index]?.passages ?? [],
      };
    }),
    /** Whether pieces beyond these are counted and not marked. */
    manyPieces: pieces.length >= MOST_PIECES,
  };
}

async function textOf(revisionId: string, anonymousFor: string | null): Promise<Writing | null> {
  const revision = await findRevision(database, revisionId);
  return revision && anonymousFor !== null ? (await anonymously(revision, anonymousFor)).writing : revision;
}

/** A local date in words, whatever the time zone. */
function dayIn(day: string, { language }: Place): string {
  return day === '' ? '' : dayInWords(Date.parse(`${day}T12:00:00Z`), 'UTC', language);
}

/** A part of the fence with what stands under it: the month with the first day, and where another begins. */
function labelled(column: Column, before: Column | undefined, { language }: Place) {
  if (column.kind === 'gap') return column;
  const { kind, date } = column;
  const month = !before || before.kind === 'gap' || before.date.slice(0, 7) !== date.slice(0, 7);
  const label = {
    day: () => shortDay(date, language, { month }),
    week: () => dateInWords(Date.parse(`${date}T12:00:00Z`), 'UTC', language),
    month: () => monthInWords(date, language),
  }[kind]();
  return { ...column, label };
}
