import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { Mark } from '../basics/Mark';
import { PersonMenu } from '../desk/PersonMenu';
import type { PersonMenuProps } from '../desk/personMenuProps';

interface WorriesLintelProps {
  readonly menu: PersonMenuProps;
  readonly day: string;
  readonly waiting: number;
  /** Whether they have a desk of their own, and may change what children are told. */
  readonly hasDesk: boolean;
  readonly named: boolean;
  readonly current: 'waiting' | 'settled' | 'promise';
}

/** The beam over the pages of who looks after worries. */
export function WorriesLintel({ menu, day, waiting, hasDesk, named, current }: WorriesLintelProps) {
  const t = useTranslations('worries');
  const site = useTranslations('lintel');
  const home = hasDesk ? '/today' : '/worries';
  const places = [
    { name: 'waiting', href: '/worries' },
    { name: 'settled', href: '/worries/settled' },
    ...(named ? [{ name: 'promise', href: '/worries/told' } as const] : []),
  ] as const;
  return (
    <header className="lintel">
      <a className="skip" href="#main">
        {site('skip')}
      </a>
      <Link className="mark" href={home}>
        <Mark id="house" />
        {site('name')}
      </Link>
      <nav aria-label={t('places')}>
        {hasDesk ? <Link href="/today">{t('today')}</Link> : null}
        {places.map(({ name, href }) => (
          <Link key={name} href={href} {...(name === current ? { 'aria-current': 'page' as const } : {})}>
            {t(name)}
            {name === 'waiting' && waiting > 0 ? <span className="count">{waiting}</span> : null}
          </Link>
        ))}
      </nav>
      <div className="who">
        <span className="wide">{day}</span>
        <PersonMenu {...menu} />
      </div>
    </header>
  );
}
