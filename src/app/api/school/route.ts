import { HEADERS } from '@/server/http/answer';
import { keepErrand } from '@/server/http/errand';
import { originUrl } from '@/server/http/originUrl';
import { log } from '@/server/ground/logging/log';
import { beginSchoolSignIn } from '@/server/deeds/schoolSignIn/beginSchoolSignIn';
import { hasSchoolSignIn } from '@/server/deeds/schoolSignIn/schoolClient';

/** Leads to the school's own sign-in. */
export async function GET(): Promise<Response> {
  if (!hasSchoolSignIn())
    return new Response('There is nothing here for you.', { status: 404, headers: HEADERS });
  try {
    const { address, errand } = await beginSchoolSignIn();
    await keepErrand(errand);
    return Response.redirect(address, 302);
  } catch (error) {
    log().warn({ school: error instanceof Error ? error.name : typeof error });
    return Response.redirect(originUrl('/sign-in?school=unreachable'), 302);
  }
}
