import { currentReader } from '@/server/http/request';
import { maybeShowHandout } from '@/server/handouts/showHandout';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const handout = await maybeShowHandout(id, await currentReader());
  if (!handout) return new Response('There is no such file.', { status: 404 });
  return new Response(new Uint8Array(handout.content), {
    headers: {
      // Whatever it is, it is saved and never run within our own address.
      'content-type': 'application/octet-stream',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(handout.name)}`,
      'content-security-policy': "default-src 'none'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, no-store',
    },
  });
}
