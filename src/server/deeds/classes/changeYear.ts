import { changeYear as deed } from '../../../contract/classes/changeYear';
import { overlappingTerm, wrongSpan } from '../../../core/classes/schoolYear';
import { done, refused } from '../../ground/access/useCase';
import { updateYear } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';
import { placeProblem } from './settings';

export const changeYear = classUseCase(deed, {
  async run(input, _, { database }) {
    const problem = placeProblem(input);
    if (problem) return problem;
    const wrong = wrongSpan(input);
    if (wrong) return refused('class.endsBeforeItBegins', wrong);
    const overlaps = overlappingTerm(input);
    if (overlaps) return refused('class.termsOverlap', overlaps);
    await updateYear(database, input);
    return done(null);
  },
});
