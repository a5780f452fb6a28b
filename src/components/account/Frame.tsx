import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { Mark } from '../basics/Mark';

interface FrameProps {
  /** Where the name of the house leads. */
  readonly home: string;
  readonly children: ReactNode;
}

/** A page outside every class: the lintel with nothing but the name, and one narrow column. */
export function Frame({ home, children }: FrameProps) {
  const t = useTranslations('account');
  return (
    <>
      <header className="lintel">
        <Link className="mark" href={home}>
          <Mark id="house" />
          {t('product')}
        </Link>
      </header>
      <main id="main" className="mx-auto max-w-[460px] px-[18px] py-6">
        {children}
      </main>
    </>
  );
}
