import { reviewAddress } from '../../../contract/addresses';
import { may } from '../../../core/access/may';
import { monogram, teacherName } from '../../../core/people/names';
import { standsBeforeOthers } from '../../../core/safety/case';
import { timeOrMoment } from '../../../core/timing/timeOrMoment';
import { foundCase, noteInCase } from '../../deeds/worries/caseUseCase';
import { readersOf } from '../../deeds/worries/sight';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { sameSince } from '../../ground/database/sameSince';
import { listCaseEvents, type CaseEventRow } from '../../tables/caseEvents';
import { findCase, type CaseRow } from '../../tables/cases';
import { findPost } from '../../tables/posts';
import { findRetention } from '../../tables/retention';
import { findAway } from '../../tables/wordsAway';
import { placeOfCase, type Asking } from './viewWorries';

/** A case for one of those who look after it; null for everybody else, as for one that is not there. Each look is in its log. */
export async function maybeCase(caseId: string, { personId, language, now }: Asking) {
  const row = await findCase(database, caseId);
  if (!row) return null;
  const { subject } = await foundCase(database, row, personId);
  if (!may({ personId, role: null }, 'case.tend', subject)) return null;
  const place = placeOfCase(row, language);
  const at = (moment: Date) => timeOrMoment(moment.getTime(), now.getTime(), place);
  const events = await noteLook(row, personId, now);
  const readers = await readersOf(database, row);
  const opened = new Set(events.map((one) => one.personId));
  const first = events.find((one) => one.what === 'opened');
  const { cases: months } = await findRetention(database);
  const away = await findAway(database, row);
  return {
    id: row.id,
    kind: row.kind,
    title: row.title,
    about: row.aboutName,
    classTitle: row.classTitle,
    teller: { kind: row.teller, name: row.toldName, monogram: monogramOf(row.toldName) },
    words: row.words,
    toldAt: at(row.toldAt),
    /** What who told it was told in turn. */
    promise: {
      reader: row.promisedReader || null,
      by: row.promisedAt && at(row.promisedAt),
      late: row.promisedAt !== null && row.answeredAt === null && row.promisedAt < now,
      help: row.toldHelp,
    },
    kept: { html: row.keptHtml, text: row.keptText },
    couldRead: row.couldRead,
    tookAway: row.tookAway,
    /** Whether the words stand before others at all, and are away from them now. */
    decides: standsBeforeOthers(row.kind),
    away: away ? { since: at(away.since), decided: away.decided } : null,
    decision: row.decision,
    answerable: row.toldBy !== null,
    answerTyped: row.answerTyped ?? '',
    answer:
      row.answer === null || row.answeredAt === null
        ? null
        : { text: row.answer, by: row.answeredName ?? '', when: at(row.answeredAt) },
    settled: row.settledAt !== null,
    events: events.map((one) => ({
      what: one.what,
      name: one.personName,
      words: one.words,
      when: at(one.at),
    })),
    read: first ? { by: first.personName, when: at(first.at) } : null,
    /** Who may open it and has not. */
    notYet: readers.people.filter((one) => !opened.has(one.personId)).map((one) => teacherName(one)),
    nobodyNamed: readers.as === 'nobodyNamed',
    keptMonths: months,
    where: await whereItStands(row, personId),
  };
}

/** Notes that somebody opened a case, once where a page is fetched again, and gives its log. */
async function noteLook({ id }: CaseRow, personId: string, now: Date): Promise<readonly CaseEventRow[]> {
  const events = await listCaseEvents(database, id);
  const since = sameSince(now);
  if (events.some((one) => one.personId === personId && one.at > since)) return events;
  await noteInCase({ database, personId, now }, id, 'opened');
  return listCaseEvents(database, id);
}

/** Where the words stand now, for who teaches the class; nobody else comes to a class by a case. */
async function whereItStands({ postId, classId }: CaseRow, personId: string): Promise<string | null> {
  const post = classId === null ? null : await findPost(database, postId);
  if (!post) return null;
  const actor = await findActor(database, classId, personId);
  return may(actor, 'post.review', { writerId: post.writerId, handedIn: post.stage !== 'draft' })
    ? reviewAddress(postId)
    : null;
}

function monogramOf(name: string): string {
  const [givenName = '', familyName = ''] = name.split(' ');
  return monogram({ givenName, familyName, penName: null });
}
