import { blogAddresses, listAddress } from '../../core/blog/addresses';
import { Fence, type FenceShown } from './Fence';
import { InnerPage, type InnerPageProps } from './InnerPage';
import type { CardShown } from './PostCard';
import { PostLine } from './PostLine';

interface ListPageProps extends InnerPageProps {
  readonly kind: 'label' | 'assignment' | 'month';
  readonly title: string;
  /** What it is, in a line; empty where nobody said. */
  readonly under: string;
  readonly address: string;
  /** How many posts there are in all. */
  readonly count: number;
  /** The month to which it is narrowed, and its name. */
  readonly month: string | null;
  readonly monthName: string | null;
  readonly posts: readonly (CardShown & { readonly postId: string; readonly comments: number })[];
  /** The numbers of the pages with the posts after and before these; null where there are none. */
  readonly newer: number | null;
  readonly older: number | null;
  readonly fence: FenceShown | null;
  readonly labels: readonly { readonly name: string; readonly count: number; readonly here: boolean }[];
}

/** Posts that have something in common, the newest first. */
export function ListPage(props: ListPageProps) {
  const { say, blog, kind, title, under, address, count, month, monthName, posts, fence, labels } = props;
  const t = say.blog;
  const at = blogAddresses(blog.address);
  return (
    <InnerPage
      say={say}
      blog={blog}
      signedIn={props.signedIn}
      readerName={props.readerName}
      pages={props.pages}
    >
      <header className="list-head">
        <h1>{t('listTitle', { kind, name: title, count, number: say.number(count) })}</h1>
        {under ? <p dir="auto">{under}</p> : null}
        {month && monthName ? (
          <p>
            {t('onlyMonth', { month: monthName })} <a href={address}>{t('allMonths')}</a>
          </p>
        ) : null}
      </header>
      {fence ? <Fence t={t} fence={fence} address={address} current={month} /> : null}
      <div className="list">
        <main id="main">
          {posts.map((post) => (
            <PostLine key={post.postId} t={t} post={post} />
          ))}
          <Further {...props} />
        </main>
        <aside className="beside" aria-label={t('about')}>
          <section>
            <h2>{t(kind === 'label' ? 'otherLabels' : 'byLabel')}</h2>
            <ul className="grid gap-1.5">
              {labels.map((label) => (
                <li key={label.name} className="flex justify-between gap-3">
                  {label.here ? (
                    <b aria-current="page">{label.name}</b>
                  ) : (
                    <a href={at.label(label.name)}>{label.name}</a>
                  )}
                  <span className="text-ink-2">{label.count}</span>
                </li>
              ))}
            </ul>
          </section>
        </aside>
      </div>
    </InnerPage>
  );
}

/** The ways to the posts that stand on other pages of the list. */
function Further({ say, address, month, newer, older }: ListPageProps) {
  const t = say.blog;
  if (newer === null && older === null) return null;
  return (
    <nav className="further" aria-label={t('further')}>
      <span>
        {newer === null ? null : (
          <a className="act" rel="prev" href={listAddress(address, { month, page: newer })}>
            {t('newer')}
          </a>
        )}
      </span>
      <span>
        {older === null ? null : (
          <a className="act" rel="next" href={listAddress(address, { month, page: older })}>
            {t('older')}
          </a>
        )}
      </span>
    </nav>
  );
}
