import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { Mark } from '../basics/Mark';

interface PlainLintelProps {
  /** Where the name of the house leads. */
  readonly home: string;
  /** What stands at its other end. */
  readonly children?: ReactNode;
}

/** The beam over a page that belongs to no class: the name of the house, and little else. */
export function PlainLintel({ home, children }: PlainLintelProps) {
  const t = useTranslations('site');
  return (
    <header className="lintel">
      <Link className="mark" href={home}>
        <Mark id="house" />
        {t('name')}
      </Link>
      {children ? <span className="who">{children}</span> : null}
    </header>
  );
}
