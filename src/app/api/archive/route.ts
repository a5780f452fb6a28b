import { maybeClassArchive, maybeRosterCsv } from '@/server/deeds/archives/archiveClass';
import { maybeGradebookCsv } from '@/server/deeds/archives/gradebookCsv';
import { maybeOneRoster } from '@/server/deeds/archives/oneRosterArchive';
import { busyInstead } from '@/server/deeds/gradebook/busyInstead';
import { maybeArchive, type Archive } from '@/server/deeds/archives/archivePerson';
import type { Session } from '@/server/deeds/sessions/session';
import { HEADERS } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';

/**
 * What is taken along as a file: everything of one person (of whoever asks, or of the `person` that is named), of a
 * `class`, or a class's `roster` or `gradebook`, the latter also as OneRoster's files.
 */
export async function GET(request: Request): Promise<Response> {
  const session = await currentSession();
  const archive = session && (await busyInstead(archiveFor(new URL(request.url).searchParams, session)));
  if (archive === 'busy')
    return new Response('There is too much to count at this moment. Try again in a minute.', {
      status: 503,
      headers: { 'retry-after': '60', ...HEADERS },
    });
  if (!archive) return new Response('There is nothing here for you.', { status: 404, headers: HEADERS });
  return new Response(archive.content, {
    headers: {
      'content-type': archive.name.endsWith('.csv') ? 'text/csv; charset=utf-8' : 'application/zip',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(archive.name)}`,
      ...HEADERS,
    },
  });
}

async function archiveFor(
  asked: URLSearchParams,
  { person: { id: personId }, language }: Session,
): Promise<Archive | null> {
  const now = new Date();
  const classId = asked.get('class');
  if (classId !== null) return maybeClassArchive(classId, { personId, now });
  const roster = asked.get('roster');
  if (roster !== null) return maybeRosterCsv(roster, personId);
  const gradebook = asked.get('gradebook');
  if (gradebook !== null) return maybeGradebookCsv(gradebook, { personId, now, language });
  const oneRoster = asked.get('oneroster');
  if (oneRoster !== null) return maybeOneRoster(oneRoster, { personId, now, language });
  return maybeArchive(asked.get('person') ?? personId, { personId, now, language });
}
