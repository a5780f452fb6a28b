import { blogAddresses, listAddress } from '../../core/blog/addresses';
import { Fence, type FenceShown } from './Fence';
import { InnerPage, type InnerPageProps } from './InnerPage';
import { MOST_WORDS } from '../../core/search/asked';
import type { CardShown } from './PostCard';
import { FindWords } from './FindWords';
import type { SayOf } from './readersWords';
import { PostLine, type FoundShown } from './PostLine';

interface ListPageProps extends InnerPageProps {
  readonly kind: 'label' | 'assignment' | 'writer' | 'month' | 'all';
  readonly title: string;
  /** What it is, in a line; empty where nobody said. */
  readonly under: string;
  readonly address: string;
  /** How many posts there are, or in how many something was found. */
  readonly count: number;
  /** How many there are in all. */
  readonly whole: number;
  /** What is looked for in them; null for nothing. */
  readonly search: {
    readonly typed: string;
    readonly exactly: boolean;
    /** Whether words were left out, and whether there is no word at all. */
    readonly tooMany: boolean;
    readonly nothing: boolean;
    /** Other words that were found for them. */
    readonly near: readonly string[];
  } | null;
  /** The month to which it is narrowed, and its name. */
  readonly month: string | null;
  readonly monthName: string | null;
  readonly posts: readonly (CardShown & {
    readonly postId: string;
    readonly comments: number;
    readonly found: FoundShown | null;
  })[];
  /** The numbers of the pages with the posts after and before these; null where there are none. */
  readonly newer: number | null;
  readonly older: number | null;
  readonly fence: FenceShown | null;
  readonly labels: readonly { readonly name: string; readonly count: number; readonly here: boolean }[];
}

/** Posts that have something in common, the newest first, or those of them in which words stand. */
export function ListPage(props: ListPageProps) {
  const { say, blog, kind, whole, address, month, posts, fence, labels, search } = props;
  const t = say.blog;
  const at = blogAddresses(blog.address);
  const narrowed = narrowedBy(search);
  // Among one post there is nothing to find.
  const finds = kind === 'all' || whole > 1 || search !== null;
  return (
    <InnerPage
      say={say}
      blog={blog}
      signedIn={props.signedIn}
      readerName={props.readerName}
      pages={props.pages}
      current={address}
      findsItself={finds}
    >
      <header className="list-head">
        <Heading {...props} />
        {finds ? (
          <FindWords
            t={t}
            id="find-here"
            address={address}
            label={t('findHere', { count: whole, number: say.number(whole) })}
            labelled
            typed={narrowed.words}
          />
        ) : null}
      </header>
      {fence ? (
        <Fence
          t={t}
          fence={fence}
          addressOf={(to) => listAddress(address, { ...narrowed, month: to })}
          current={month}
          searched={search !== null && !search.nothing}
        />
      ) : null}
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

/** What is looked for, as an address of the list says it. */
function narrowedBy(search: ListPageProps['search']) {
  return { words: search?.typed ?? '', exactly: search?.exactly ?? false };
}

/** What stands in the list, or what was found in it. */
function Heading({
  say,
  kind,
  title,
  under,
  address,
  count,
  whole,
  month,
  monthName,
  search,
}: ListPageProps) {
  const t = say.blog;
  const [number, all] = [say.number(count), say.number(whole)];
  const narrowed = month && monthName;
  return (
    <div>
      <h1>
        {search && !search.nothing
          ? t('foundTitle', { count, number, whole: all, words: search.typed })
          : t('listTitle', { kind, name: title, count, number })}
      </h1>
      {under && !search ? <p dir="auto">{under}</p> : null}
      {search ? <AboutSearch t={t} search={search} address={address} month={month} /> : null}
      {narrowed ? (
        <p>
          {t('onlyMonth', { month: monthName })}{' '}
          <a href={listAddress(address, narrowedBy(search))}>{t('allMonths')}</a>
        </p>
      ) : null}
    </div>
  );
}

/** How words are looked for, and the way to look for them otherwise. */
function AboutSearch({
  t,
  search: { typed, exactly, tooMany, nothing, near },
  address,
  month,
}: {
  readonly t: SayOf<'blog'>;
  readonly search: NonNullable<ListPageProps['search']>;
  readonly address: string;
  readonly month: string | null;
}) {
  if (nothing) return <p role="status">{t('noWords')}</p>;
  return (
    <p>
      {tooMany ? `${t('firstWords', { count: MOST_WORDS })} ` : ''}
      {near.length > 0 ? `${t('nearToo', { words: near.join(', ') })} ` : ''}
      <a href={listAddress(address, { words: typed, month, exactly: !exactly })}>
        {t(exactly ? 'nearWords' : 'exactWords')}
      </a>
    </p>
  );
}

/** The ways to the posts that stand on other pages of the list. */
function Further({ say, address, month, newer, older, search }: ListPageProps) {
  const t = say.blog;
  const narrowed = { month, ...narrowedBy(search) };
  if (newer === null && older === null) return null;
  return (
    <nav className="further" aria-label={t('further')}>
      <span>
        {newer === null ? null : (
          <a className="act" rel="prev" href={listAddress(address, { ...narrowed, page: newer })}>
            {t('newer')}
          </a>
        )}
      </span>
      <span>
        {older === null ? null : (
          <a className="act" rel="next" href={listAddress(address, { ...narrowed, page: older })}>
            {t('older')}
          </a>
        )}
      </span>
    </nav>
  );
}
