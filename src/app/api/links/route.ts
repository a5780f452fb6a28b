import { answer, jsonOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { lookAtLinks } from '@/server/deeds/links/lookAtLinks';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    return lookAtLinks(await jsonOf(request), { personId: session.person.id, now: new Date() });
  });
}
