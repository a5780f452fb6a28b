import { fileAnswer } from '@/server/http/fileAnswer';
import { currentReader } from '@/server/http/request';
import { maybeShowHandout } from '@/server/deeds/handouts/showHandout';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const handout = await maybeShowHandout((await params).id, await currentReader(), new Date());
  return fileAnswer(
    request,
    handout && {
      ...handout,
      // Whatever it is, it is saved and never run within our own address.
      type: 'application/octet-stream',
      forEveryone: false,
      searchable: false,
      headers: { 'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(handout.name)}` },
    },
  );
}
