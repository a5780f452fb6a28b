import { schoolYearFields, wrongSpan, type SchoolYear } from '../../core/classes/schoolYear';
import { done, refused } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateYear } from './queries';
import { placeFields, placeProblem } from './settings';

interface Input extends SchoolYear {
  readonly classId: string;
  readonly timeZone: string;
  readonly language: string;
}

/** Says where a class is and when it has school: time zone, language, terms, holidays, days of school. */
export const changeYear = classUseCase<Input, null>({
  name: 'changeYear',
  action: 'class.change',
  fields: { ...placeFields, ...schoolYearFields },
  async run(input, _, { database }) {
    const problem = placeProblem(input);
    if (problem) return problem;
    const wrong = wrongSpan(input);
    if (wrong) return refused('class.endsBeforeItBegins', wrong);
    await updateYear(database, input);
    return done(null);
  },
});
