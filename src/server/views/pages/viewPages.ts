import { audiencesUpTo, PAGE_AUDIENCES, type PageAudience } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { agoInWords, momentInWords } from '../../../core/timing/inWords';
import { type ClassRow } from '../../tables/classes';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { shownInClass, type Desk } from '../../deeds/sessions/desk';
import { listPageRevisions, listShownPages } from '../../tables/pageRevisions';
import { findPage, listPages, type PageRow } from '../../tables/pages';
import { documentFrom, openStored } from '../../tables/columns';

/** The pages of a class for those who tend them, in the order in which readers find them; null for everybody else. */
export async function maybePages({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'page.tend', {})) return null;
  const nameOf = await namer(inClass.id);
  const pages = await listPages(database, inClass.id);
  const shown = new Map((await listShownPages(database, inClass.id)).map((page) => [page.pageId, page]));
  return {
    classId: inClass.id,
    resting: inClass.restedAt !== null,
    pages: pages.map((page) => ({
      id: page.id,
      title: page.title,
      changed: agoInWords(page.changedAt.getTime(), now.getTime(), place.timeZone, place.language),
      by: nameOf(page.changedBy),
      ...standing(page, shown.get(page.id) ?? null),
      asked: page.askedAudience && { audience: page.askedAudience, by: nameOf(page.askedBy) },
    })),
  };
}

/** One page for those who tend it, with what was kept of it; null for everybody else, as for one that is not there. */
export async function maybePageDesk({ personId, role, inClass, place }: Desk, pageId: string) {
  const page = await findPage(database, pageId);
  const actor = { personId, role };
  if (!page || page.classId !== inClass.id || !may(actor, 'page.tend', {})) return null;
  const [nameOf, revisions] = [await namer(inClass.id), await listPageRevisions(database, pageId)];
  const shown = revisions.find((revision) => revision.shownAt !== null) ?? null;
  const when = (at: Date) => momentInWords(at.getTime(), place.timeZone, place.language);
  return {
    page: {
      id: pageId,
      title: page.title,
      body: documentFrom(page.body),
      version: page.version,
      ...standing(page, shown),
      shownWhen: shown?.shownAt ? when(shown.shownAt) : null,
      asked: page.askedAudience && { audience: page.askedAudience, by: nameOf(page.askedBy) },
    },
    classId: inClass.id,
    language: inClass.language,
    resting: inClass.restedAt !== null,
    writer: nameOf(personId),
    opens: may(actor, 'page.open', {}),
    erases: may(actor, 'page.erase', {}),
    audiences: pageAudiences(inClass),
    revisions: revisions.map((revision) => ({
      id: revision.id,
      title: revision.title,
      when: when(revision.shownAt ?? revision.writtenAt),
      by: nameOf(revision.writtenBy),
      shown: revision.shownAt !== null,
      html: readersHtml(openStored(revision.body)),
    })),
  };
}

/** The audiences that a page of a class can have, the narrowest first. Who tends it reads it anyway. */
function pageAudiences({ ceiling }: ClassRow): readonly PageAudience[] {
  const within = audiencesUpTo(ceiling);
  return PAGE_AUDIENCES.filter((audience) => within.includes(audience));
}

/** Who reads a page now, and whether there is something newer than what they read. */
function standing(page: PageRow, shown: { readonly title: string; readonly body: string } | null) {
  return {
    audience: shown ? page.audience : null,
    newer: shown !== null && (shown.body !== page.body || shown.title !== page.title.trim()),
  };
}

async function namer(classId: string): Promise<(personId: string | null) => string> {
  const members = new Map<string | null, MemberRow>(
    (await listEverMembers(database, classId)).map((member) => [member.personId, member]),
  );
  return (personId) => {
    const member = members.get(personId);
    return member ? shownInClass(member).name : '';
  };
}
