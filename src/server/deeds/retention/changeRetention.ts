import { changeRetention as deed } from '../../../contract/retention/changeRetention';
import { RETAINED, RETENTION_MONTHS } from '../../../core/privacy/retention';
import { done, refused } from '../../ground/access/useCase';
import { updateRetention } from '../../tables/retention';
import { installUseCase } from '../subjects/installUseCase';

export const changeRetention = installUseCase(deed, {
  async run(input, { database }) {
    for (const what of RETAINED) {
      const { from, to } = RETENTION_MONTHS[what];
      const months = input[what];
      if (months !== null && (months < from || months > to))
        return refused('retention.outside', what, { from, to });
      await updateRetention(database, what, months);
    }
    return done(null);
  },
});
