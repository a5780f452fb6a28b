import type { SayOf } from './readersWords';

export interface PageLink {
  readonly title: string;
  readonly address: string;
}

interface PageMenuProps {
  readonly t: SayOf<'blog'>;
  /** Those that the reader may read. */
  readonly pages: readonly PageLink[];
  /** The address of the page that is read. */
  readonly current?: string;
}

/** The pages of a class blog, under its banner. */
export function PageMenu({ t, pages, current }: PageMenuProps) {
  if (pages.length === 0) return null;
  return (
    <nav className="page-menu" aria-label={t('pages')}>
      {pages.map((page) => (
        <a
          key={page.address}
          href={page.address}
          {...(page.address === current ? { 'aria-current': 'page' as const } : {})}
        >
          {page.title}
        </a>
      ))}
    </nav>
  );
}
