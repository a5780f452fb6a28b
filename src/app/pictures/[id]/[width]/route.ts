import { fileAnswer } from '@/server/http/fileAnswer';
import { currentReader } from '@/server/http/request';
import { maybeShowPicture } from '@/server/deeds/pictures/showPicture';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; width: string }> },
): Promise<Response> {
  const { id, width } = await params;
  const picture = await maybeShowPicture({ id, width: Number(width) }, await currentReader(), new Date());
  return fileAnswer(request, picture && { ...picture, type: 'image/webp' });
}
