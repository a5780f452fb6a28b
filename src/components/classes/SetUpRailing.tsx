'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { settleClass } from '../../contract/classes/settleClass';
import { useDeed } from '../basics/useDeed';
import { Pickets } from '../railing/Pickets';

interface SetUpRailingProps {
  readonly classId: string;
  readonly steps: readonly {
    readonly step: 'names' | 'year' | 'look' | 'privacy' | 'students';
    readonly done: boolean;
  }[];
}

/** What there is to settle in a new class, bay by bay. It can be left at any time; the class is there already. */
export function SetUpRailing({ classId, steps }: SetUpRailingProps) {
  const t = useTranslations('setUp');
  const { act, busy, problem } = useDeed();
  const { settings, look, privacy, roster } = addressesOf(classId);
  const pages = { names: settings, year: `${settings}#year`, look, privacy, students: roster };
  const open = steps.filter((one) => !one.done).length;
  return (
    <section className="set-up" aria-label={t('label')}>
      <ol className="bays">
        {steps.map(({ step, done }) => (
          <li key={step}>
            <Link className="bay" href={pages[step]}>
              <Pickets slats={Array.from({ length: 4 }, () => (done ? 'met' : 'gap'))} toCome={!done} />
              <b>{t(`steps.${step}`)}</b>
              <span>{t(done ? 'done' : `todo.${step}`)}</span>
            </Link>
          </li>
        ))}
      </ol>
      <div className="set-up-gate">
        <p>{open > 0 ? t('open', { count: open }) : t('nothingOpen')}</p>
        <button
          type="button"
          className="btn go"
          disabled={busy}
          onClick={() => void act(settleClass, { classId })}
        >
          {t('settle')}
        </button>
        <span className="problem" role="alert">
          {problem}
        </span>
      </div>
    </section>
  );
}
