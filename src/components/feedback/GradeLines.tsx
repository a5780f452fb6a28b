import { useFormatter, useTranslations } from 'next-intl';
import type { Criterion } from '../../core/assignments/rubric';
import type { Grade, GradeLine } from '../../core/grading/grade';

interface GradeLinesProps {
  readonly grade: Grade;
  readonly rubric: readonly Criterion[];
}

/** A grade, unfolded into the lines that made it. */
export function GradeLines({ grade, rubric }: GradeLinesProps) {
  const t = useTranslations('grade');
  const format = useFormatter();
  return (
    <table className="sum">
      <tbody>
        {grade.lines.map((line, index) => (
          <Line key={index} line={line} rubric={rubric} />
        ))}
        <tr className="all">
          <td>{t('line.grade')}</td>
          <td>{t(grade.provisional ? 'line.soFar' : 'line.of', { possible: grade.possible })}</td>
          <td>{format.number(grade.grade)}</td>
        </tr>
      </tbody>
    </table>
  );
}

function Line({ line, rubric }: { readonly line: GradeLine; readonly rubric: readonly Criterion[] }) {
  const t = useTranslations('grade.line');
  switch (line.kind) {
    case 'requirements':
      return (
        <Row
          name={t('requirements')}
          words={t('requirementsOf', { possible: line.possible })}
          figure={line.earned}
        />
      );
    case 'criterion': {
      const name = rubric.find((criterion) => criterion.id === line.id)?.name ?? line.id;
      const words =
        line.level === null
          ? t('notJudged')
          : t('level', {
              level: line.level + 1,
              weight: line.weight,
              times: line.weight === 1 ? 'once' : line.weight === 2 ? 'twice' : 'times',
            });
      return <Row name={name} words={words} figure={line.earned} />;
    }
    case 'late':
      return (
        <Row
          name={t('late')}
          words={line.worthNothing ? t('tooLate', { days: line.days }) : t('days', { days: line.days })}
          figure={-line.amount}
        />
      );
    case 'bonus':
      return <Row name={t('bonus')} words={line.capped ? t('capped') : ''} figure={line.amount} />;
    case 'rounding':
      return <Row name={t('rounding')} words={t('roundedTo', { step: line.step })} figure={line.from} />;
    case 'override':
      return <Row name={t('override')} words={line.reason} figure={line.grade} />;
  }
}

function Row({
  name,
  words,
  figure,
}: {
  readonly name: string;
  readonly words: string;
  readonly figure: number;
}) {
  const format = useFormatter();
  return (
    <tr>
      <td>{name}</td>
      <td>{words}</td>
      <td>{format.number(figure === 0 ? 0 : figure)}</td>
    </tr>
  );
}
