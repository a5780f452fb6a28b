import { tellWorry } from '@/server/deeds/worries/tellWorry';
import { answer, jsonOf } from '@/server/http/answer';
import { addressOf, currentReader } from '@/server/http/request';

export async function POST(request: Request): Promise<Response> {
  return answer(request, async () =>
    tellWorry(await jsonOf(request), {
      reader: await currentReader(),
      address: addressOf(request),
      now: new Date(),
    }),
  );
}
