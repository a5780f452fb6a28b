import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { TermTab } from '../../contract/gradebook/termShown';
import { YEAR } from '../../core/gradebook/terms';

interface TermTabsProps {
  readonly classId: string;
  readonly tabs: readonly TermTab[];
  /** The first day of a term, `year`, or null for the figures themselves. */
  readonly current: string | null;
  /** What is said of the one that is shown. */
  readonly children?: ReactNode;
}

/** The ways between the figures of a class, its terms and its year. */
export function TermTabs({ classId, tabs, current, children }: TermTabsProps) {
  const t = useTranslations('term');
  const at = addressesOf(classId);
  const ways = [
    { key: null, name: t('figures'), href: at.gradebook, closed: false },
    ...tabs.map(({ term, name, closed }) => ({ key: term, name, href: at.term(term), closed })),
    ...(tabs.length > 1 ? [{ key: YEAR, name: t('year'), href: at.term(YEAR), closed: false }] : []),
  ];
  return (
    <nav className="term-tabs" aria-label={t('ways')}>
      {ways.map(({ key, name, href, closed }) => (
        <Link key={key} href={href} prefetch={false} aria-current={key === current ? 'page' : undefined}>
          <span dir="auto">{name}</span>
          {closed ? <small>{t('closedShort')}</small> : null}
        </Link>
      ))}
      {tabs.length === 0 ? (
        <Link href={at.settings} prefetch={false}>
          {t('sayTerms')}
        </Link>
      ) : null}
      <span className="term-days">{children}</span>
    </nav>
  );
}
