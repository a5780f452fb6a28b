import { addHandout, MOST_HANDOUT_BYTES } from '@/server/deeds/handouts/addHandout';
import { answer, fileOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    const { searchParams } = new URL(request.url);
    const sent = await fileOf(request, 'handout', MOST_HANDOUT_BYTES);
    if (!sent.ok) return sent;
    const file = sent.value;
    return addHandout(
      { classId: searchParams.get('class') ?? '', name: searchParams.get('name') ?? '', file },
      { personId: session.person.id, now: new Date() },
    );
  });
}
