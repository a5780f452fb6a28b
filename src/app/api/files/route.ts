import { MOST_FILE_BYTES, readFile } from '@/server/files/readFile';
import { answer } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { refused } from '@/server/access/useCase';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    if (Number(request.headers.get('content-length') ?? 0) > MOST_FILE_BYTES)
      return refused('file.tooLarge', 'file', { most: MOST_FILE_BYTES / 1024 / 1024 });
    const { searchParams } = new URL(request.url);
    const file = Buffer.from(await request.arrayBuffer());
    return readFile(
      { writingId: searchParams.get('writing') ?? '', name: searchParams.get('name') ?? '', file },
      { personId: session.person.id, now: new Date() },
    );
  });
}
