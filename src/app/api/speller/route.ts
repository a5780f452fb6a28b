import { HEADERS } from '@/server/http/answer';
import { readSpellerProgram } from '@/server/deeds/spelling/dictionaries';

/** What reads the dictionaries in a browser's worker. Nothing in it is about anybody. */
export async function GET(): Promise<Response> {
  const program = await readSpellerProgram();
  return new Response(new Uint8Array(program), {
    headers: {
      ...HEADERS,
      'content-type': 'application/wasm',
      'cache-control': 'public, max-age=604800',
    },
  });
}
