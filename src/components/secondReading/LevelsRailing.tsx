import type { Criterion } from '../../core/assignments/rubric';

interface LevelsRailingProps {
  readonly rubric: readonly Criterion[];
  /** Indices of levels by criterion. */
  readonly levels: Readonly<Record<string, number>>;
  /** What the other reader gave, whose levels are hatched where this one gave more; null while that is not known. */
  readonly other: Readonly<Record<string, number>> | null;
  /** What it says, in words. */
  readonly label: string;
}

/** What one reader gave, as a railing with a bay for each criterion and a slat for each level. */
export function LevelsRailing({ rubric, levels, other, label }: LevelsRailingProps) {
  return (
    <span className="levels-railing" role="img" aria-label={label}>
      {rubric.map(({ id, levels: all }) => {
        const given = levels[id] ?? -1;
        const others = other?.[id] ?? given;
        return (
          <b key={id}>
            {all.map((_, index) => (
              <i
                key={index}
                className={index > given ? 'open' : other !== null && index > others ? 'only' : 'in'}
              />
            ))}
          </b>
        );
      })}
    </span>
  );
}
