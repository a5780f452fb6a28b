import { changeYear as deed } from '../../../contract/classes/changeYear';
import { overlappingTerm, wrongSpan } from '../../../core/classes/schoolYear';
import { changedTerm, movedTerms } from '../../../core/classes/movedTerms';
import { done, refused } from '../../ground/access/useCase';
import { updateYear } from '../../tables/classSettings';
import { listClosedTerms, moveTerms } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';
import { placeProblem } from './settings';

export const changeYear = classUseCase(deed, {
  turn: true,
  async run(input, { year }, { database }) {
    const problem = placeProblem(input);
    if (problem) return problem;
    const wrong = wrongSpan(input);
    if (wrong) return refused('class.endsBeforeItBegins', wrong);
    const overlaps = overlappingTerm(input);
    if (overlaps) return refused('class.termsOverlap', overlaps);
    const closed = await listClosedTerms(database, input.classId);
    const changed = changedTerm(
      closed.map(({ term, lastDay }) => ({ from: term, to: lastDay })),
      input.terms,
    );
    if (changed) {
      const name = year.terms.find(({ from }) => from === changed.from)?.name ?? '';
      return refused('class.termClosed', 'terms', { name });
    }
    await updateYear(database, input);
    await moveTerms(database, input.classId, movedTerms(year.terms, input.terms));
    return done(null);
  },
});
