'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { nameForDuty } from '../../contract/administration/nameForDuty';
import { SCHOOL_DUTIES, type SchoolDuty } from '../../core/safety/caseReaders';
import { useDeed } from '../basics/useDeed';

interface DutiesFormProps {
  /** Who has an account of the school and can sign in. */
  readonly accounts: readonly { readonly personId: string; readonly name: string }[];
  readonly duties: readonly { readonly duty: SchoolDuty; readonly personId: string }[];
  /** How many worries wait for whoever looks. */
  readonly worries: number;
}

/** Who looks after worries, and who leads the school; each is kept as soon as it is chosen. */
export function DutiesForm({ accounts, duties, worries }: DutiesFormProps) {
  const t = useTranslations('install.duties');
  const { act, busy, problem } = useDeed();
  const named = (duty: SchoolDuty) => duties.find((one) => one.duty === duty)?.personId ?? '';
  const nobody = named('safetyPerson') === '' && named('deputy') === '';
  return (
    <section className="grid gap-3">
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t('under')}</p>
      {nobody ? <p className="border-l-4 border-clay pl-3">{t('nobody')}</p> : null}
      {worries > 0 ? (
        <p>
          <Link className="act" href="/worries">
            {t('waiting', { count: worries })}
          </Link>
        </p>
      ) : null}
      {SCHOOL_DUTIES.map((duty) => (
        <label key={duty} className="grid items-center gap-x-3 gap-y-1 sm:grid-cols-[1fr_240px]">
          <span>
            {t(duty)}
            {duty === 'head' ? <span className="block text-[14px] text-ink-2">{t('headUnder')}</span> : null}
          </span>
          <select
            className="field"
            value={named(duty)}
            disabled={busy}
            onChange={(event) =>
              void act(nameForDuty, { duty, personId: event.target.value === '' ? null : event.target.value })
            }
          >
            <option value="">{t('none')}</option>
            {accounts.map((one) => (
              <option key={one.personId} value={one.personId}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      ))}
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}
