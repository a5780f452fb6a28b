import { answer, jsonOf } from '@/server/http/answer';
import { currentSession, currentToken } from '@/server/http/request';
import { endSessions } from '@/server/deeds/sessions/endSessions';

/** Ends other sessions of whoever asks. */
export async function DELETE(request: Request): Promise<Response> {
  return answer(request, async () => {
    const [session, token] = [await currentSession(), await currentToken()];
    if (!session || !token) return { ok: false, code: 'signedOut' };
    return endSessions(await jsonOf(request), { token, personId: session.person.id });
  });
}
