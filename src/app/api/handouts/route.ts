import { refused } from '@/server/access/useCase';
import { addHandout, MOST_HANDOUT_BYTES } from '@/server/handouts/addHandout';
import { answer } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    if (Number(request.headers.get('content-length') ?? 0) > MOST_HANDOUT_BYTES)
      return refused('handout.tooLarge', 'file', { most: MOST_HANDOUT_BYTES / 1024 / 1024 });
    const { searchParams } = new URL(request.url);
    const file = Buffer.from(await request.arrayBuffer());
    return addHandout(
      { classId: searchParams.get('class') ?? '', name: searchParams.get('name') ?? '', file },
      { personId: session.person.id, now: new Date() },
    );
  });
}
