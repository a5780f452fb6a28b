import { weighTerms as deed } from '../../../contract/gradebook/weighTerms';
import { done, refused } from '../../ground/access/useCase';
import { upsertTermWeights } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';

export const weighTerms = classUseCase(deed, {
  turn: true,
  async run({ classId, weights }, { year }, { database }) {
    const known = new Set(year.terms.map(({ from }) => from));
    if (weights.some(({ term }) => !known.has(term))) return refused('gradebook.noTerm');
    const given = new Map(weights.map(({ term, weight }) => [term, weight]));
    if (year.terms.every(({ from }) => given.get(from) === 0))
      return refused('gradebook.noWeight', 'weights');
    await upsertTermWeights(database, classId, weights);
    return done(null);
  },
});
