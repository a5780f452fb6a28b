import { HEADERS } from '@/server/http/answer';

export const dynamic = 'force-dynamic';

/** Whether this process answers at all; nobody else is asked. */
export function GET(): Response {
  return new Response('alive', { headers: HEADERS });
}
