import { blogAddresses } from '../../core/blog/addresses';
import { FindWords } from './FindWords';
import type { SayOf } from './readersWords';

export interface PageLink {
  readonly title: string;
  readonly address: string;
}

interface PageMenuProps {
  readonly t: SayOf<'blog'>;
  /** The address of the blog. */
  readonly blog: string;
  /** Those that the reader may read. */
  readonly pages: readonly PageLink[];
  /** The address of the page that is read. */
  readonly current?: string;
  /** Whether the page has a field of its own to find words in. */
  readonly findsItself?: boolean;
}

/** The pages of a class blog, under its banner, and a field to find a post. */
export function PageMenu({ t, blog, pages, current, findsItself = false }: PageMenuProps) {
  const at = blogAddresses(blog);
  const all = [{ title: t('frontPage'), address: at.front }, ...pages];
  return (
    <div className="page-menu">
      <nav aria-label={t('pages')}>
        {all.map((page) => (
          <a
            key={page.address}
            href={page.address}
            {...(page.address === current ? { 'aria-current': 'page' as const } : {})}
          >
            {page.title}
          </a>
        ))}
      </nav>
      {findsItself ? null : (
        <FindWords t={t} id="find" address={at.search} label={t('findPost')} labelled={false} />
      )}
    </div>
  );
}
