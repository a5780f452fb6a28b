import { useTranslations } from 'next-intl';
import type { Criterion } from '../../core/assignments/rubric';
import type { Grade } from '../../core/grading/grade';
import type { Overruling } from '../../core/requirements/overrule';
import type { Requirement } from '../../core/requirements/requirement';
import { useRequirementName } from '../railing/RequirementLine';
import { GradeLines } from './GradeLines';

/** A grade with the criteria that it speaks of. */
export interface GradeShown {
  readonly grade: Grade;
  /** What was given back before that, and why it changed; null where nothing was. */
  readonly changed: { readonly before: Grade; readonly reason: string } | null;
  readonly rubric: readonly Criterion[];
  /** What counts otherwise than the machine found, and why. */
  readonly overruled: readonly (Overruling & { readonly requirement: Requirement })[];
}

/** The grade that was given back, with the lines that made it. */
export function GradeGivenBack({ grade, changed, rubric, overruled }: GradeShown) {
  const t = useTranslations('grade');
  const nameOf = useRequirementName();
  return (
    <section className="mb-6 border-y border-line py-3" aria-label={t('label')}>
      <h2 className="font-read text-[18px] font-semibold">
        {t('yours', { grade: grade.grade, possible: grade.possible })}
      </h2>
      {changed && changed.before.grade !== grade.grade ? (
        <p>{t('changed', { before: changed.before.grade, reason: changed.reason })}</p>
      ) : null}
      <GradeLines grade={grade} rubric={rubric} />
      {overruled.map(({ requirement, met, reason }) => (
        <p key={requirement.id}>
          {t(met ? 'countsAsMet' : 'countsAsNotMet', { name: nameOf(requirement), reason })}
        </p>
      ))}
    </section>
  );
}
