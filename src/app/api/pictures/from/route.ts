import { answer, jsonOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { addPictureFrom } from '@/server/deeds/pictures/addPicture';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    return addPictureFrom(await jsonOf(request), { personId: session.person.id, now: new Date() });
  });
}
