import { useLocale, useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { dayInWords } from '../../core/timing/inWords';
import { Mark } from '../basics/Mark';
import { PersonMenu } from './PersonMenu';
import type { PersonMenuProps } from './personMenuProps';

export interface LintelProps {
  readonly role: 'teacher' | 'supplyTeacher' | 'student';
  readonly person: Pick<PersonMenuProps, 'id' | 'name' | 'monogram' | 'administrates'>;
  readonly inClass: {
    readonly id: string;
    readonly title: string;
    readonly groupName: string;
    readonly address: string;
    readonly timeZone: string;
  };
  /** All classes that the person belongs to. */
  readonly classes: readonly { readonly id: string; readonly title: string; readonly groupName: string }[];
  /** How many posts wait for a teacher. */
  readonly waiting: number;
  /** Whether the person tends the pages of the class blog. */
  readonly tendsPages: boolean;
  readonly current:
    | 'today'
    | 'assignments'
    | 'pile'
    | 'gradebook'
    | 'writing'
    | 'figures'
    | 'pages'
    | 'class'
    | 'here'
    | null;
}

const PLACES = {
  teacher: ['today', 'assignments', 'pile', 'gradebook', 'pages', 'class'],
  supplyTeacher: ['here', 'today', 'assignments', 'pile', 'gradebook', 'pages', 'class'],
} as const;

/** The beam over every page of the desk: where one can go, the day, the class, the person. */
export function Lintel({ role, person, inClass, classes, waiting, tendsPages, current }: LintelProps) {
  const t = useTranslations('lintel');
  const locale = useLocale();
  const { assignments, figures, gradebook, pages, roster, settings, whereWeAre } = addressesOf(inClass.id);
  const hrefs = {
    here: whereWeAre,
    today: '/today',
    pile: '/pile',
    writing: '/writing',
    assignments,
    gradebook,
    figures,
    pages,
    // Who is let in for a while has no roster.
    class: role === 'supplyTeacher' ? settings : roster,
  };
  const writes = tendsPages
    ? (['today', 'writing', 'figures', 'pages'] as const)
    : (['today', 'writing', 'figures'] as const);
  const places = role === 'student' ? writes : PLACES[role];
  return (
    <header className="lintel">
      <a className="skip" href="#main">
        {t('skip')}
      </a>
      <Link className="mark" href="/today">
        <Mark id="house" />
        {t('name')}
      </Link>
      <nav aria-label={t('places')}>
        {places.map((place) => (
          <Link
            key={place}
            href={hrefs[place]}
            {...(place === current ? { 'aria-current': 'page' as const } : {})}
          >
            {t(place)}
            {place === 'pile' && waiting > 0 ? <span className="count">{waiting}</span> : null}
          </Link>
        ))}
        {/* Readers' pages speak the language of the class: a whole page is fetched. */}
        <a href={`/blog/${inClass.address}`}>{t('blog')}</a>
      </nav>
      <div className="who">
        <span className="wide">{dayInWords(Date.now(), inClass.timeZone, locale)}</span>
        <span className="wide">{[inClass.title, inClass.groupName].filter(Boolean).join(', ')}</span>
        <PersonMenu {...person} classes={classes} currentClass={inClass.id} />
      </div>
    </header>
  );
}
