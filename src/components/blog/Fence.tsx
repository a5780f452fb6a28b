import type { SayOf } from './readersWords';

export interface FenceShown {
  /** So many posts a picket stands for. */
  readonly perPicket: number;
  readonly months: readonly {
    /** As it stands in an address. */
    readonly month: string;
    readonly name: string;
    /** Posts in each part of it, from Monday to Monday, and in how many of them something was found. */
    readonly parts: readonly { readonly posts: number; readonly found: number }[];
    /** In how many posts of it something was found: in all of them where nothing is looked for. */
    readonly count: number;
    readonly now: boolean;
  }[];
}

interface FenceProps {
  readonly t: SayOf<'blog'>;
  readonly fence: FenceShown;
  /** Where the list is narrowed to a month, or shows all of them, and the month to which it is narrowed. */
  readonly addressOf: (month: string | null) => string;
  readonly current: string | null;
  /** Whether something is looked for: what was found is told apart from the rest. */
  readonly searched: boolean;
}

/** The months of a list as a fence: a picket for each post, a gap between weeks. Each month leads to its own posts. */
export function Fence({ t, fence, addressOf, searched, current }: FenceProps) {
  return (
    <nav className={searched ? 'fence searched' : 'fence'} aria-label={t('fence')}>
      <ol>
        {fence.months.map(({ month, name, parts, count, now }) => (
          <li key={month} className={count === 0 ? 'none' : ''} style={{ flexGrow: parts.length }}>
            <span className="weeks" aria-hidden="true">
              {parts.map(({ posts, found }, part) => (
                <span key={part} className={now && part === lastWith(parts) ? 'week now' : 'week'}>
                  {Array.from({ length: Math.ceil(posts / fence.perPicket) }, (_, picket) => (
                    <i key={picket} className={picket < Math.ceil(found / fence.perPicket) ? '' : 'other'} />
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
                href={addressOf(current === month ? null : month)}
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

function lastWith(parts: FenceShown['months'][number]['parts']): number {
  return parts.findLastIndex(({ posts }) => posts > 0);
}
