import { useTranslations } from 'next-intl';
import type { Audience } from '../../core/access/audience';
import { RETAINED, type Retention } from '../../core/privacy/retention';
import type { NamingRule } from '../../core/people/names';

export interface NoticeProps {
  readonly title: string;
  readonly address: string;
  readonly schoolName: string;
  readonly teacher: string;
  readonly ceiling: Audience;
  readonly namingRule: NamingRule;
  readonly consentNeeded: boolean;
  readonly searchEngines: boolean;
  readonly editorsRead: boolean;
  /** Since when teachers may open where texts came from, in words; null where they may not. */
  readonly originSince: string | null;
  readonly hasPassphrase: boolean;
  /** After how many hours without use a child's session on a shared device ends. */
  readonly sharedHours: number;
  readonly reversibleDays: number;
  readonly schoolSignIn: string | null;
  /** After how many months the school lets things go. */
  readonly retention: Retention;
  readonly mailHost: string;
}

/** What a class keeps of its children and who sees it, said from the settings as they are. */
export function Notice(props: NoticeProps) {
  const { title, address, schoolName, teacher } = props;
  const t = useTranslations('notice');
  const goes = RETAINED.flatMap((what) => {
    const months = props.retention[what];
    return months === null ? [] : [t(`goes.${what}`, { months })];
  });
  const sections = [
    ['who', t('whoWrites', { title, school: schoolName || title, teacher })],
    [
      'kept',
      [
        t('whatIsKept'),
        t('counted'),
        props.originSince ? t('originSaid', { since: props.originSince }) : t('originOwn'),
        ...goes,
      ].join(' '),
    ],
    [
      'read',
      [
        t(`ceiling.${props.ceiling}`),
        t('drafts'),
        props.hasPassphrase && props.ceiling !== 'ourClass' ? t('passphrase') : '',
        props.editorsRead ? t('editorsRead') : '',
        t(props.searchEngines ? 'searchEngines' : 'noSearchEngines'),
      ].join(' '),
    ],
    ['named', [t(`naming.${props.namingRule}`), t(props.consentNeeded ? 'consent' : 'noConsent')].join(' ')],
    [
      'signIn',
      [
        t('passcodes', { hours: props.sharedHours }),
        props.schoolSignIn ? t('schoolSignIn', { school: props.schoolSignIn }) : '',
      ].join(' '),
    ],
    ['others', t('others', { mail: props.mailHost })],
    ['rights', t('rights', { days: props.reversibleDays, teacher })],
  ] as const;
  return (
    <main className="page notice" id="main">
      <p>
        <a className="back" href={`/blog/${address}`}>
          {title}
        </a>
      </p>
      <h1 className="says mt-3">{t('heading')}</h1>
      <p className="under">{t('under', { title })}</p>
      <div className="prose mt-6 max-w-[66ch]">
        {sections.map(([key, text]) => (
          <section key={key}>
            <h2>{t(`sections.${key}`)}</h2>
            <p>{text}</p>
          </section>
        ))}
      </div>
    </main>
  );
}
