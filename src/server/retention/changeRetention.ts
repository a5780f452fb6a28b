import { RETAINED, RETENTION_MONTHS, type Retention } from '../../core/privacy/retention';
import { done, refused } from '../access/useCase';
import { installUseCase } from '../administration/installUseCase';
import { updateRetention } from './queries';

/** Says after how many months what is not needed any more goes by itself. */
export const changeRetention = installUseCase<Retention, null>({
  name: 'changeRetention',
  fields: Object.fromEntries(RETAINED.map((what) => [what, { type: ['integer', 'null'] }])),
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
