import { currentReader } from '@/server/http/request';
import { maybeShowPicture } from '@/server/pictures/showPicture';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string; width: string }> },
): Promise<Response> {
  const { id, width } = await params;
  const picture = await maybeShowPicture({ id, width: Number(width) }, await currentReader(), new Date());
  if (!picture) return new Response('There is no such picture.', { status: 404 });
  return new Response(new Uint8Array(picture.content), {
    headers: {
      'content-type': 'image/webp',
      'content-security-policy': "default-src 'none'",
      'x-content-type-options': 'nosniff',
      // A picture never changes under its id; whether it may be seen can, so shared caches keep it briefly only.
      'cache-control': picture.forEveryone ? 'public, max-age=300' : 'private, max-age=300',
    },
  });
}
