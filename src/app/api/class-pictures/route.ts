import { HEADERS } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { listClassPictures } from '@/server/views/pictures/viewClassPictures';

export async function GET(request: Request): Promise<Response> {
  const session = await currentSession();
  const classId = new URL(request.url).searchParams.get('class') ?? '';
  const result = await listClassPictures(classId, session?.person.id ?? null);
  return Response.json(result, { status: result.ok ? 200 : 404, headers: HEADERS });
}
