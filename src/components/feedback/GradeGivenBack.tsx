import { useTranslations } from 'next-intl';
import type { Criterion } from '../../core/assignments/rubric';
import type { Grade } from '../../core/grading/grade';
import { GradeLines } from './GradeLines';

/** A grade with the criteria that it speaks of. */
export interface GradeShown {
  readonly grade: Grade;
  readonly rubric: readonly Criterion[];
}

/** The grade that was given back, with the lines that made it. */
export function GradeGivenBack({ grade, rubric }: GradeShown) {
  const t = useTranslations('grade');
  return (
    <section className="mb-6 border-y border-line py-3" aria-label={t('label')}>
      <h2 className="font-read text-[18px] font-semibold">
        {t('yours', { grade: grade.grade, possible: grade.possible })}
      </h2>
      <GradeLines grade={grade} rubric={rubric} />
    </section>
  );
}
