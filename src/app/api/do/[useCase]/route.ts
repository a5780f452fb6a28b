import { perform } from '@/server/ground/access/perform';
import { NOT_THERE } from '@/server/ground/access/useCase';
import { answer, jsonOf } from '@/server/http/answer';
import { currentSession } from '@/server/http/request';
import { findUseCase } from '@/server/useCases';

export async function POST(
  request: Request,
  { params }: { params: Promise<{ useCase: string }> },
): Promise<Response> {
  return answer(request, async (progress) => {
    const useCase = findUseCase((await params).useCase);
    if (!useCase) return NOT_THERE;
    const session = await currentSession();
    if (!session) return { ok: false, code: 'signedOut' };
    return perform(useCase, await jsonOf(request), {
      personId: session.person.id,
      now: new Date(),
      progress,
    });
  });
}
