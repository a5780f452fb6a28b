import { retryJobs as deed } from '../../../contract/administration/retryJobs';
import { done } from '../../ground/access/useCase';
import { reviveJobs } from '../../ground/jobs/queries';
import { installUseCase } from '../subjects/installUseCase';

export const retryJobs = installUseCase(deed, {
  run: async (_, { database, now }) => done({ jobs: await reviveJobs(database, now) }),
});
