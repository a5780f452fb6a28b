import { changePassword } from '@/server/deeds/accounts/changePassword';
import { answer, jsonOf } from '@/server/http/answer';
import { currentSession, currentToken } from '@/server/http/request';

/** Changes the password of whoever asks. */
export async function PUT(request: Request): Promise<Response> {
  return answer(request, async () => {
    const [session, token] = [await currentSession(), await currentToken()];
    if (!session || !token) return { ok: false, code: 'signedOut' };
    const input = await jsonOf(request);
    return changePassword(input, { personId: session.person.id, token, now: new Date() });
  });
}
