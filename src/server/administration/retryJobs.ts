import { retryJobs as deed } from '../../contract/administration/retryJobs';
import { done } from '../access/useCase';
import { reviveJobs } from '../jobs/queries';
import { installUseCase } from './installUseCase';

export const retryJobs = installUseCase(deed, {
  run: async (_, { database, now }) => done({ jobs: await reviveJobs(database, now) }),
});
