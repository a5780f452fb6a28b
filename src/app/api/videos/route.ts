import { answer, jsonOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { describeVideo } from '@/server/deeds/links/describeVideo';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    return describeVideo(await jsonOf(request), { personId: session.person.id, now: new Date() });
  });
}
