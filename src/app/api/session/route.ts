import { answer, jsonOf } from '@/server/http/answer';
import {
  addressOf,
  currentSession,
  currentToken,
  deviceOf,
  dropToken,
  keepDevice,
  keepToken,
} from '@/server/http/request';
import { chooseClass } from '@/server/deeds/sessions/chooseClass';
import { endSession } from '@/server/deeds/sessions/session';
import { signIn } from '@/server/deeds/sessions/signIn';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const result = await signIn(await jsonOf(request), {
      address: addressOf(request),
      device: deviceOf(request),
      deviceToken: await keepDevice(),
      now: new Date(),
    });
    if (!result.ok) return result;
    await keepToken(result.value.token, result.value.expiresAt);
    return { ok: true, value: null };
  });
}

export async function PUT(request: Request): Promise<Response> {
  return answer(request, async () => {
    const [session, token] = [await currentSession(), await currentToken()];
    if (!session || !token) return { ok: false, code: 'signedOut' };
    return chooseClass(await jsonOf(request), { token, personId: session.person.id });
  });
}

export async function DELETE(request: Request): Promise<Response> {
  return answer(request, async () => {
    const token = await currentToken();
    if (token) await endSession(token);
    await dropToken();
    return { ok: true, value: null };
  });
}
