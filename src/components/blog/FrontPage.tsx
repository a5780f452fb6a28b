import { blogAddresses } from '../../core/blog/addresses';
import { AskPassphrase } from './AskPassphrase';
import { Blog } from './Blog';
import { Banner, type BlogShown } from './Banner';
import { PageMenu, type PageLink } from './PageMenu';
import { PostCard, type CardShown } from './PostCard';
import type { Tried } from './PlainForm';
import type { ReadersWords } from './readersWords';
import { WeeklyPosts } from './WeeklyPosts';

interface Counted {
  readonly name: string;
  readonly count: number;
}

export interface FrontPageProps {
  readonly say: ReadersWords;
  readonly tried: Tried | null;
  readonly blog: BlogShown;
  readonly signedIn: boolean;
  /** The name of who was invited to read and has no desk here; null for everybody else. */
  readonly readerName: string | null;
  /** The pages of the blog that the reader may read. */
  readonly pages: readonly PageLink[];
  /** Where news readers find it; null where they find nothing. */
  readonly feed: string | null;
  /** Whose eyes a teacher reads with. */
  readonly as: 'stranger' | 'family' | 'classmate' | null;
  /** Where they came from to do so. */
  readonly back: string | null;
  /** Whether more could be read with the class's passphrase. */
  readonly asksPassphrase: boolean;
  /** How many posts the reader may read; these are some of them. */
  readonly count: number;
  readonly posts: readonly (CardShown & { readonly postId: string })[];
  /** The numbers of the pages with the posts after and before these; null where there are none. */
  readonly newer: number | null;
  readonly older: number | null;
  readonly weeks: readonly { readonly from: string; readonly count: number }[];
  readonly labels: readonly Counted[];
  /** Those who wrote last, of so many. */
  readonly writers: readonly CardShown['writer'][];
  readonly writersCount: number;
}

/** The front page of a class blog. */
export function FrontPage(props: FrontPageProps) {
  const { blog, signedIn, pages, as, back, asksPassphrase, count, posts, weeks, labels, writers } = props;
  const t = props.say.blog;
  const [lead, ...others] = posts;
  return (
    <Blog look={blog}>
      <a className="skip" href="#main">
        {t('skip')}
      </a>
      {as && back ? (
        <p className="bg-dusk px-6 py-2 text-white">
          {t(`seenAs.${as}`)}{' '}
          <a className="text-white" href={back}>
            {t('backToPrivacy')}
          </a>
        </p>
      ) : null}
      <Banner t={t} blog={blog} signedIn={signedIn} readerName={props.readerName} />
      <PageMenu t={t} blog={blog.address} pages={pages} current={blogAddresses(blog.address).front} />
      <div className="front">
        <main id="main">
          {lead ? (
            <PostCard t={t} card={lead} lead />
          ) : (
            <p className="py-10 text-[17px]">{t('nothingYet')}</p>
          )}
          <div className="others">
            {others.map((post) => (
              <PostCard key={post.postId} t={t} card={post} />
            ))}
          </div>
          <FurtherPosts {...props} />
          {asksPassphrase && !as ? (
            <section className="mt-10" aria-label={t('more')}>
              <h2 className="section-head mb-3">{t('more')}</h2>
              <AskPassphrase t={t} tried={props.tried} />
            </section>
          ) : null}
        </main>
        {posts.length ? (
          <aside className="beside" aria-label={t('about')}>
            <section>
              <h2>{t('weekly', { count })}</h2>
              <WeeklyPosts t={t} weeks={weeks} />
            </section>
            <section>
              <h2>{t('byLabel')}</h2>
              <ul className="grid gap-1.5">
                {labels.map((label) => (
                  <li key={label.name} className="flex justify-between">
                    <a href={blogAddresses(blog.address).label(label.name)}>{label.name}</a>
                    <span className="text-ink-2">{label.count}</span>
                  </li>
                ))}
              </ul>
            </section>
            <section>
              <h2>{t('writers', { count: props.writersCount })}</h2>
              <ul className="flex flex-wrap gap-1.5">
                {writers.map((writer, index) => (
                  // Two may have the same name, and nothing else of them stands here.
                  <li key={index}>
                    <a
                      className="mono"
                      title={writer.name}
                      {...(writer.address ? { href: writer.address } : {})}
                    >
                      <span aria-hidden="true">{writer.monogram}</span>
                      <span className="sr-only">{writer.name}</span>
                    </a>
                  </li>
                ))}
              </ul>
            </section>
            {props.feed ? (
              <section>
                <h2>{t('follow')}</h2>
                <p className="text-ink-2">
                  {t.rich('feed', { feed: (words) => <a href={props.feed ?? ''}>{words}</a> })}
                </p>
              </section>
            ) : null}
          </aside>
        ) : null}
      </div>
      <footer className="px-6 pb-8 text-center text-[14px]">
        <a href={`/privacy-notice/${blog.address}`}>{t('notice')}</a>
      </footer>
    </Blog>
  );
}

/** The ways to the posts that stand on other pages. */
function FurtherPosts({ say, blog, as, newer, older }: FrontPageProps) {
  const t = say.blog;
  if (newer === null && older === null) return null;
  const address = (page: number) =>
    `/blog/${blog.address}?${new URLSearchParams({ ...(as ? { as } : {}), page: String(page) }).toString()}`;
  return (
    <nav className="mt-10 flex justify-between" aria-label={t('further')}>
      <span>
        {newer === null ? null : (
          <a className="act" rel="prev" href={address(newer)}>
            {t('newer')}
          </a>
        )}
      </span>
      <span>
        {older === null ? null : (
          <a className="act" rel="next" href={address(older)}>
            {t('older')}
          </a>
        )}
      </span>
    </nav>
  );
}
