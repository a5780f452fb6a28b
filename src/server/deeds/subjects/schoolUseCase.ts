import type { Deed } from '../../../contract/deed';
import { serve, type Context, type Result, type UseCase } from '../../ground/access/useCase';
import { listDuties, tending } from '../../tables/schoolDuties';

/** Serves a deed that acts on what holds for everybody, by whom the school named for it. */
export function schoolUseCase<Input, Output>(
  deed: Deed<Input, Output, 'school'>,
  run: (input: Input, context: Context & { readonly personId: string }) => Promise<Result<Output>>,
): UseCase<Input, null, Output> {
  return serve(
    deed,
    {
      find: async (_, { database }) => {
        const tendedBy = tending(await listDuties(database)).map((one) => one.personId);
        return { subject: { tendedBy }, classId: null, subjectId: null, rows: null };
      },
      turnOf: () => Promise.resolve([]),
    },
    { run: (input, _, context) => run(input, context) },
  );
}
