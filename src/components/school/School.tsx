import { useTranslations } from 'next-intl';
import { Mark } from '../basics/Mark';

interface SchoolProps {
  readonly worries: readonly {
    readonly id: string;
    readonly classTitle: string;
    readonly told: string;
    readonly promised: string | null;
    readonly late: boolean;
    readonly answered: string | null;
    readonly decided: boolean;
    readonly settled: boolean;
  }[];
  readonly classes: readonly {
    readonly classId: string;
    readonly title: string;
    readonly groupName: string;
    readonly waiting: number;
    readonly oldest: string | null;
    readonly long: boolean;
  }[];
}

/** What the head of school sees: how long posts and worries wait, and nothing of what stands in them. */
export function School({ worries, classes }: SchoolProps) {
  const t = useTranslations('school');
  const waiting = classes.reduce((sum, one) => sum + one.waiting, 0);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading', { waiting })}</h1>
      <p className="under">{t('under')}</p>
      <h2 className="section-head mt-8">{t('worries', { count: worries.length })}</h2>
      <ul className="rows">
        {worries.map((one) => (
          <li key={one.id} className="sm:grid-cols-[24px_1fr_1fr_160px]">
            <Mark id={one.settled ? 's-m' : 's-w'} className="s" />
            <span>
              <b>{one.classTitle}</b>
              <span className="calm block">{t('told', { when: one.told })}</span>
            </span>
            <span className={one.late ? 'problem' : 'calm'}>
              {one.answered
                ? t('answered', { when: one.answered })
                : one.promised
                  ? t('promised', { when: one.promised })
                  : t('noAnswer')}
              {one.late ? ` (${t('late')})` : ''}
            </span>
            <span className="calm">
              {t('state', { state: one.settled ? 'settled' : one.decided ? 'decided' : 'open' })}
            </span>
          </li>
        ))}
      </ul>
      <h2 className="section-head mt-8">{t('classes')}</h2>
      <ul className="rows">
        {classes.map((one) => (
          <li key={one.classId} className="sm:grid-cols-[24px_1fr_1fr_1fr]">
            <Mark id={one.long ? 's-g' : one.waiting > 0 ? 's-w' : 's-m'} className="s" />
            <b>{[one.title, one.groupName].filter(Boolean).join(', ')}</b>
            <span className="calm">{t('waits', { count: one.waiting })}</span>
            <span className={one.long ? 'problem' : 'calm'}>
              {one.oldest ? t('oldest', { when: one.oldest }) : ''}
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}
