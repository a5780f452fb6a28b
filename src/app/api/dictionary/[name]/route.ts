import { HEADERS } from '@/server/http/answer';
import { maybeDictionary } from '@/server/deeds/spelling/dictionaries';

interface Context {
  readonly params: Promise<{ readonly name: string }>;
}

/** A dictionary for the browser's own speller. Nothing in it is about anybody. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const dictionary = await maybeDictionary((await params).name);
  if (!dictionary) return new Response('There is no such dictionary.', { status: 404, headers: HEADERS });
  return Response.json(dictionary, { headers: { ...HEADERS, 'cache-control': 'public, max-age=604800' } });
}
