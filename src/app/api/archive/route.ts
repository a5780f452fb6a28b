import { maybeArchive } from '@/server/archives/archivePerson';
import { currentSession } from '@/server/http/request';

/** Everything of one person as a ZIP file: of whoever asks, or of the `person` that is named. */
export async function GET(request: Request): Promise<Response> {
  const session = await currentSession();
  const personId = new URL(request.url).searchParams.get('person') ?? session?.person.id;
  const archive =
    session && personId
      ? await maybeArchive(personId, { personId: session.person.id, now: new Date() })
      : null;
  if (!archive) return new Response('There is nothing here for you.', { status: 404 });
  return new Response(new Uint8Array(archive.content), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(archive.name)}`,
      'cache-control': 'no-store',
    },
  });
}
