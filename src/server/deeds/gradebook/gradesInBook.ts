import { setImmediate } from 'node:timers/promises';
import { gradebook, type GradebookFigures } from '../../../core/gradebook/gradebook';
import type { GradebookInput } from '../../../core/gradebook/gradebookInput';
import type { GradeInput } from '../../../core/grading/gradeInput';
import { gradesOf, type GradeInBook } from '../../../workers/tasks/gradesOf';
import { work } from '../../ground/work/work';

/** So many grades, and cells of a gradebook, are made at once in a few milliseconds; for more there are threads. */
const FEW_GRADES = 100;
const FEW_CELLS = 2000;

/** That nothing could be computed now: too much at once. */
export class TooBusy extends Error {}

/**
 * The grades of the posts in one column: few are made here, many by the threads.
 * @param by for whom
 * @throws TooBusy where these have too much to do
 */
export async function gradesInColumn(
  inputs: readonly GradeInput[],
  by: string,
): Promise<readonly GradeInBook[]> {
  // Whoever waits for something small comes in between.
  await setImmediate();
  return inputs.length <= FEW_GRADES ? gradesOf(inputs) : elsewhere('gradesOf', inputs, by);
}

/** The figures of a gradebook, made here where it is small. @throws TooBusy */
export async function figuresOfInput(input: GradebookInput, by: string): Promise<GradebookFigures> {
  return input.columns.length * input.students.length <= FEW_CELLS
    ? gradebook(input)
    : elsewhere('gradebookFigures', input, by);
}

async function elsewhere<Name extends 'gradesOf' | 'gradebookFigures'>(
  name: Name,
  input: Parameters<typeof work<Name>>[1],
  by: string,
): Promise<Name extends 'gradesOf' ? readonly GradeInBook[] : GradebookFigures> {
  const made = await work(name, input, by);
  if (!made.ok) throw new TooBusy(made.why);
  return made.value as Name extends 'gradesOf' ? readonly GradeInBook[] : GradebookFigures;
}
