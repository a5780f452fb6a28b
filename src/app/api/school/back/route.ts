import { takeErrand } from '@/server/http/errand';
import { originUrl } from '@/server/http/originUrl';
import { log } from '@/server/ground/logging/log';
import { deviceOf, keepToken } from '@/server/http/request';
import { endSchoolSignIn } from '@/server/deeds/schoolSignIn/endSchoolSignIn';

/** Where the school sends people back to. What went wrong is said on the sign-in page. */
export async function GET(request: Request): Promise<Response> {
  try {
    const errand = await takeErrand();
    const { search } = new URL(request.url);
    const result = await endSchoolSignIn(search, { errand, device: deviceOf(request), now: new Date() });
    if (!result.ok)
      return Response.redirect(originUrl(`/sign-in?school=${result.code.replace('school.', '')}`), 302);
    await keepToken(result.value.token, result.value.expiresAt);
    return Response.redirect(originUrl('/today'), 302);
  } catch (error) {
    log().warn({ school: error instanceof Error ? error.name : typeof error });
    return Response.redirect(originUrl('/sign-in?school=unreachable'), 302);
  }
}
