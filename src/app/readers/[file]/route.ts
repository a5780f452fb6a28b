import { maybeReadersFile } from '@/server/http/readersFiles';

/** The stylesheet, the script and the typefaces of readers' pages; each is named by what is in it. */
export async function GET(
  _: Request,
  { params }: { readonly params: Promise<{ file: string }> },
): Promise<Response> {
  const file = maybeReadersFile((await params).file);
  if (!file) return new Response(null, { status: 404 });
  return new Response(file.content, {
    headers: { 'content-type': file.type, 'cache-control': 'public, max-age=31536000, immutable' },
  });
}
