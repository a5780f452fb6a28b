import { done } from '../access/useCase';
import { reviveJobs } from '../jobs/queries';
import { installUseCase } from './installUseCase';

/** Tries the jobs once more that are waiting for a further try, as after a mail server came back. */
export const retryJobs = installUseCase<object, { readonly jobs: number }>({
  name: 'retryJobs',
  fields: {},
  run: async (_, { database, now }) => done({ jobs: await reviveJobs(database, now) }),
});
