import { answer, jsonOf } from '@/server/http/answer';
import { addressOf } from '@/server/http/request';
import { listNames } from '@/server/deeds/sessions/listNames';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () =>
    listNames(await jsonOf(request), { address: addressOf(request), now: new Date() }),
  );
}
