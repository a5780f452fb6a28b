import type { ReactNode } from 'react';
import { Banner, type BlogShown } from './Banner';
import { Blog } from './Blog';
import { PageMenu, type PageLink } from './PageMenu';
import type { ReadersWords } from './readersWords';

export interface InnerPageProps {
  readonly say: ReadersWords;
  readonly blog: BlogShown;
  readonly signedIn: boolean;
  /** The name of who was invited to read and has no desk here; null for everybody else. */
  readonly readerName: string | null;
  /** The pages of the blog that the reader may read. */
  readonly pages: readonly PageLink[];
}

/** The frame of everything in a class blog behind its front page: a low banner and the menu of pages. */
export function InnerPage({
  say,
  blog,
  signedIn,
  readerName,
  pages,
  current,
  findsItself = false,
  children,
}: InnerPageProps & {
  /** The address of the page that is read, where it is one of the menu. */
  readonly current?: string;
  /** Whether it has a field of its own to find words in. */
  readonly findsItself?: boolean;
  readonly children: ReactNode;
}) {
  const t = say.blog;
  return (
    <Blog look={blog}>
      <a className="skip" href="#main">
        {t('skip')}
      </a>
      <Banner t={t} blog={blog} signedIn={signedIn} readerName={readerName} low />
      <PageMenu
        t={t}
        blog={blog.address}
        pages={pages}
        findsItself={findsItself}
        {...(current === undefined ? {} : { current })}
      />
      {children}
    </Blog>
  );
}
