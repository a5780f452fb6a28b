import { answer, jsonOf } from '@/server/http/answer';
import { addressOf, currentSession, deviceOf, keepDevice, keepToken } from '@/server/http/request';
import { acceptInvitation } from '@/server/deeds/invitations/acceptInvitation';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () => {
    const result = await acceptInvitation(await jsonOf(request), {
      address: addressOf(request),
      device: deviceOf(request),
      deviceToken: await keepDevice(),
      personId: (await currentSession())?.person.id ?? null,
      now: new Date(),
    });
    if (!result.ok) return result;
    if (result.value) await keepToken(result.value.token, result.value.expiresAt);
    return { ok: true, value: null };
  });
}
