import { grade, type Grade } from '../../core/grading/grade';
import type { GradeInput } from '../../core/grading/gradeInput';

/** What of a grade stands in a gradebook. */
export type GradeInBook = Pick<Grade, 'grade' | 'possible' | 'provisional' | 'daysLate'>;

/** The grades of many posts at once. */
export function gradesOf(inputs: readonly GradeInput[]): readonly GradeInBook[] {
  return inputs.map((input) => {
    const { grade: figure, possible, provisional, daysLate } = grade(input);
    return { grade: figure, possible, provisional: provisional && !input.override, daysLate };
  });
}
