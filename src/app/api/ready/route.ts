import { database } from '@/server/ground/database/database';
import { HEADERS } from '@/server/http/answer';
import { log } from '@/server/ground/logging/log';

export const dynamic = 'force-dynamic';

/** Whether this process can do its work: it asks the database. A proxy in front sends people elsewhere meanwhile. */
export async function GET(): Promise<Response> {
  try {
    await Promise.race([database.rows('SELECT 1'), tooLong()]);
    return new Response('ready', { headers: HEADERS });
  } catch (error) {
    log().warn({ notReady: error instanceof Error ? error.name : typeof error });
    return new Response('not ready', { status: 503, headers: HEADERS });
  }
}

/** An answer that comes late is none: whoever asks decides by it whom to send here. */
function tooLong(): Promise<never> {
  return new Promise((_, reject) => {
    setTimeout(() => reject(new Error('the database did not answer in time')), 2000).unref();
  });
}
