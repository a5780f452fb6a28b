import { useTranslations } from 'next-intl';
import Link from 'next/link';

export interface PageLink {
  readonly title: string;
  readonly address: string;
}

interface PageMenuProps {
  /** Those that the reader may read. */
  readonly pages: readonly PageLink[];
  /** The address of the page that is read. */
  readonly current?: string;
}

/** The pages of a class blog, under its banner. */
export function PageMenu({ pages, current }: PageMenuProps) {
  const t = useTranslations('blog');
  if (pages.length === 0) return null;
  return (
    <nav className="page-menu" aria-label={t('pages')}>
      {pages.map((page) => (
        <Link
          key={page.address}
          href={page.address}
          {...(page.address === current ? { 'aria-current': 'page' as const } : {})}
        >
          {page.title}
        </Link>
      ))}
    </nav>
  );
}
