import { acceptedLanguage } from '@/core/languages/languages';
import { forgetPassword } from '@/server/deeds/accounts/forgetPassword';
import { renewPassword } from '@/server/deeds/accounts/renewPassword';
import { answer, jsonOf } from '@/server/http/answer';
import { addressOf } from '@/server/http/request';

/** Asks for a link to a new password. */
export async function POST(request: Request): Promise<Response> {
  return answer(request, async () =>
    forgetPassword(await jsonOf(request), {
      address: addressOf(request),
      language: acceptedLanguage(request.headers.get('accept-language') ?? ''),
      now: new Date(),
    }),
  );
}

/** Chooses the new password by such a link. */
export async function PUT(request: Request): Promise<Response> {
  return answer(request, async () =>
    renewPassword(await jsonOf(request), { address: addressOf(request), now: new Date() }),
  );
}
