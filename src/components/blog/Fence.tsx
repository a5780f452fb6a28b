import { listAddress } from '../../core/blog/addresses';
import type { SayOf } from './readersWords';

export interface FenceShown {
  /** So many posts a picket stands for. */
  readonly perPicket: number;
  readonly months: readonly {
    /** As it stands in an address. */
    readonly month: string;
    readonly name: string;
    /** Posts in each part of it, from Monday to Monday. */
    readonly parts: readonly number[];
    readonly count: number;
    readonly now: boolean;
  }[];
}

interface FenceProps {
  readonly t: SayOf<'blog'>;
  readonly fence: FenceShown;
  /** Of the list that it narrows, and the month to which that is narrowed. */
  readonly address: string;
  readonly current: string | null;
}

/** The months of a list as a fence: a picket for each post, a gap between weeks. Each month leads to its own posts. */
export function Fence({ t, fence, address, current }: FenceProps) {
  return (
    <nav className="fence" aria-label={t('fence')}>
      <ol>
        {fence.months.map(({ month, name, parts, count, now }) => (
          <li key={month} className={count === 0 ? 'none' : ''} style={{ flexGrow: parts.length }}>
            <span className="weeks" aria-hidden="true">
              {parts.map((posts, part) => (
                <span key={part} className={now && part === lastWith(parts) ? 'week now' : 'week'}>
                  {Array.from({ length: Math.ceil(posts / fence.perPicket) }, (_, picket) => (
                    <i key={picket} />
                  ))}
                </span>
              ))}
            </span>
            {count === 0 ? (
              <span className="caption">
                {name} {t('fenceNone')}
              </span>
            ) : (
              <a
                className="caption"
                href={listAddress(address, { month: current === month ? null : month })}
                {...(current === month ? { 'aria-current': 'true' as const } : {})}
              >
                <b>{name}</b> {count}
              </a>
            )}
          </li>
        ))}
      </ol>
      {fence.perPicket > 1 ? <p className="caption">{t('perPicket', { count: fence.perPicket })}</p> : null}
    </nav>
  );
}

function lastWith(parts: readonly number[]): number {
  return parts.findLastIndex((posts) => posts > 0);
}
