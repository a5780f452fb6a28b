import { answer, fileOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { addPicture } from '@/server/deeds/pictures/addPicture';
import { MOST_BYTES } from '@/server/deeds/pictures/encode';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    const classId = new URL(request.url).searchParams.get('class') ?? '';
    const sent = await fileOf(request, 'picture', MOST_BYTES);
    if (!sent.ok) return sent;
    const file = sent.value;
    return addPicture({ classId, file }, { personId: session.person.id, now: new Date() });
  });
}
