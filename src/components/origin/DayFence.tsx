import { useTranslations } from 'next-intl';
import type { CSSProperties } from 'react';
import type { WordsMoved } from '../../core/origin/countSave';
import type { ColumnShown } from './originProps';

/** What is tallest stands so high, and what hangs under the rail takes at most so much, in pixels. */
const UP = 130;
const LEAST = 12;

/**
 * The days of a post as a fence: what came stands on the rail, what was taken away hangs under it. Written words are a pointed picket,
 * pasted ones a flat board with a batten.
 */
export function DayFence({ columns }: { readonly columns: readonly ColumnShown[] }) {
  const t = useTranslations('origin.fence');
  const groups = columns.flatMap((one) => (one.kind === 'gap' ? [] : one.groups));
  const most = Math.max(1, ...groups.flatMap(({ written, pasted }) => [written, pasted]));
  const down = Math.max(0, ...groups.map(({ removed }) => removed));
  const height = (words: number) => Math.max(LEAST, Math.round((words / most) * UP));
  const under = down === 0 ? 0 : height(Math.min(down, most));
  return (
    <div className="day-fence wide-only">
      <ul className="fence-key" aria-hidden="true" style={{ paddingTop: UP - 60 }}>
        <li className="written">{t('written')}</li>
        <li className="pasted">{t('pasted')}</li>
        <li className="removed">{t('removed')}</li>
      </ul>
      <div
        className="fence-days"
        role="img"
        aria-label={t('label')}
        style={{ gridTemplateColumns: columns.map((one) => widthOf(one)).join(' ') }}
      >
        {columns.map((column, index) => (
          <div key={index} className="fence-day" style={{ height: UP + 26 }}>
            {column.kind === 'gap'
              ? null
              : column.groups.map((group, at) => (
                  <Group key={at} {...group} height={height} deepest={under} />
                ))}
          </div>
        ))}
        {columns.map((column, index) => (
          <p key={`${index} foot`} className="fence-foot" style={{ marginTop: under + 12 }}>
            {column.kind === 'gap' ? (
              t('gap', { days: column.days })
            ) : (
              <>
                <b>{column.kind === 'week' ? t('week', { from: column.label }) : column.label}</b>
                {t('sittings', { count: column.sittings })}
              </>
            )}
          </p>
        ))}
      </div>
    </div>
  );
}

/** A day with two sittings needs the room of two. */
function widthOf(column: ColumnShown): string {
  return `${column.kind === 'gap' ? 1 : Math.max(1, column.groups.length)}fr`;
}

interface GroupProps extends WordsMoved {
  readonly height: (words: number) => number;
  readonly deepest: number;
}

function Group({ written, pasted, removed, height, deepest }: GroupProps) {
  const style = (words: number): CSSProperties => ({ height: height(words) });
  return (
    <div className="fence-group">
      {written > 0 || removed > 0 ? (
        <span className="picket-place">
          {written > 0 ? (
            <span className="up written" style={style(written)}>
              <span>{written}</span>
            </span>
          ) : null}
          {removed > 0 ? (
            <span className="down" style={{ height: Math.min(deepest, height(removed)) }}>
              <span>{removed}</span>
            </span>
          ) : null}
        </span>
      ) : null}
      {pasted > 0 ? (
        <span className="up pasted" style={style(pasted)}>
          <span>{pasted}</span>
        </span>
      ) : null}
    </div>
  );
}
