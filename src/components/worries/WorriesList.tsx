import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { Mark } from '../basics/Mark';
import type { WordsDecision, WorryKind, Teller } from '../../core/safety/case';

export interface WorryRow {
  readonly id: string;
  readonly kind: WorryKind;
  readonly title: string;
  readonly about: string;
  readonly teller: Teller;
  readonly told: string;
  readonly classTitle: string;
  readonly when: string;
  readonly by: string | null;
  readonly late: boolean;
  readonly decision: WordsDecision | null;
  readonly answered: boolean;
  readonly settled: string | null;
}

/** Worries, one line each: who said it about what, and how it stands. */
export function WorriesList({ rows }: { readonly rows: readonly WorryRow[] }) {
  const t = useTranslations('worries');
  return (
    <ul className="rows mt-6">
      {rows.map((one) => (
        <li key={one.id} className="sm:grid-cols-[24px_1fr_190px_190px_auto]">
          <Mark id={one.settled ? 's-m' : 's-w'} className="s" />
          <span>
            <b>{t('who', { teller: one.teller, name: one.told })}</b>{' '}
            {t('about', { kind: one.kind, title: one.title, about: one.about })}
            <span className="calm block">{[one.classTitle, one.when].filter(Boolean).join(', ')}</span>
          </span>
          <span className="calm">{t('isDecided', { decision: one.decision ?? 'none' })}</span>
          <span className={one.late ? 'problem' : 'calm'}>
            {one.answered
              ? t('isAnswered')
              : one.by === null
                ? t('cannotAnswer')
                : t(one.late ? 'wasPromised' : 'by', { when: one.by })}
          </span>
          <Link className="act" href={`/worries/${one.id}`} prefetch={false}>
            {t('open')}
          </Link>
        </li>
      ))}
    </ul>
  );
}
