import type { SayOf } from './readersWords';

interface WeeklyPostsProps {
  readonly t: SayOf<'blog'>;
  readonly weeks: readonly { readonly from: string; readonly count: number }[];
}

const HEIGHT = 66;

/** Posts in each week as a row of bars, and the same figures as a table for those who cannot see it. */
export function WeeklyPosts({ t, weeks }: WeeklyPostsProps) {
  const most = Math.max(1, ...weeks.map((week) => week.count));
  const width = 250 / weeks.length;
  return (
    <>
      <svg viewBox="0 0 250 92" className="w-full" aria-hidden="true">
        {weeks.map((week, index) => {
          const height = (week.count / most) * HEIGHT;
          const last = index === weeks.length - 1;
          return (
            <g key={week.from}>
              <rect
                x={index * width + 2}
                y={84 - height}
                width={width - 4}
                height={height}
                fill={last ? 'var(--clay)' : 'var(--k-met)'}
              />
              {week.count === most || last ? (
                <text
                  x={index * width + width / 2}
                  y={80 - height}
                  textAnchor="middle"
                  fontSize="12"
                  fontWeight="700"
                  fill="var(--ink)"
                >
                  {week.count || ''}
                </text>
              ) : null}
            </g>
          );
        })}
        <rect y="84" width="250" height="4" fill="var(--porch)" />
      </svg>
      <p className="flex justify-between text-[13px] text-ink-2" aria-hidden="true">
        <span>{t('weeksAgo', { weeks: weeks.length - 1 })}</span>
        <span>{t('thisWeek')}</span>
      </p>
      <table className="sr-only">
        <caption>{t('weeklyTable')}</caption>
        <tbody>
          {weeks.map((week) => (
            <tr key={week.from}>
              <th scope="row">{week.from}</th>
              <td>{week.count}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
