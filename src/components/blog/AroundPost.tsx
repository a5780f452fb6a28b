import type { SayOf } from './readersWords';

interface WayOn {
  readonly title: string;
  readonly address: string;
}

export interface AroundShown {
  readonly earlier: WayOn | null;
  readonly later: WayOn | null;
  /** Others with a label or the assignment of the post. */
  readonly together: readonly WayOn[];
}

/** Where a reader may go on from a post: to those before and after it, and to others that belong to it. */
export function AroundPost({
  t,
  around: { earlier, later, together },
}: {
  readonly t: SayOf<'blog'>;
  readonly around: AroundShown;
}) {
  if (!earlier && !later && together.length === 0) return null;
  return (
    <nav className="around" aria-label={t('around')}>
      {earlier ? <Beside word={t('earlier')} to={earlier} rel="prev" /> : <span />}
      {later ? <Beside word={t('later')} to={later} rel="next" /> : <span />}
      {together.length > 0 ? (
        <div className="together">
          <h2>{t('together')}</h2>
          <ul>
            {together.map(({ title, address }) => (
              <li key={address}>
                <a href={address} dir="auto">
                  {title}
                </a>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
    </nav>
  );
}

function Beside({
  word,
  to,
  rel,
}: {
  readonly word: string;
  readonly to: WayOn;
  readonly rel: 'prev' | 'next';
}) {
  return (
    <a className={rel} rel={rel} href={to.address}>
      <span>{word}</span>
      <b dir="auto">{to.title}</b>
    </a>
  );
}
