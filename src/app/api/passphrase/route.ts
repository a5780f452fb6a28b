import { answer, jsonOf } from '@/server/http/answer';
import { addressOf, keepDevice } from '@/server/http/request';
import { showPassphrase } from '@/server/deeds/passphrases/showPassphrase';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () =>
    showPassphrase(await jsonOf(request), {
      device: await keepDevice(),
      address: addressOf(request),
      now: new Date(),
    }),
  );
}
