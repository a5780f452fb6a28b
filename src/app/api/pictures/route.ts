import { refused } from '@/server/access/useCase';
import { answer } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { addPicture } from '@/server/pictures/addPicture';
import { MOST_BYTES } from '@/server/pictures/encode';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    const classId = new URL(request.url).searchParams.get('class') ?? '';
    if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
      return refused('picture.tooLarge', 'file', { most: MOST_BYTES / 1024 / 1024 });
    const file = Buffer.from(await request.arrayBuffer());
    return addPicture({ classId, file }, { personId: session.person.id, now: new Date() });
  });
}
