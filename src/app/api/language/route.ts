import { chooseLanguage } from '@/server/deeds/sessions/chooseLanguage';
import { answer, jsonOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';

/** Settles the language of whoever asks. */
export async function PUT(request: Request): Promise<Response> {
  return answer(request, async () => {
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    return chooseLanguage(await jsonOf(request), { personId: session.person.id });
  });
}
