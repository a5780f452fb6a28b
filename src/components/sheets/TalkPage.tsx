'use client';

import { Printer } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { TalkShown } from '../../contract/gradebook/sheetShown';
import type { Appointment } from '../../core/gradebook/appointments';
import { TalkSheet } from './TalkSheet';

interface TalkPageProps extends TalkShown {
  readonly appointments: readonly Appointment[];
}

/** So many of the latest notes stand on a sheet until a teacher chooses others. */
const FIRST_NOTES = 3;

/** Sheets to talk about: what stands on them is chosen here, and each is printed on its own page. */
export function TalkPage(talk: TalkPageProps) {
  const t = useTranslations('talk');
  const router = useRouter();
  const path = usePathname();
  const search = useSearchParams();
  const [choosing, setChoosing] = useState(false);
  const [left, setLeft] = useState<ReadonlySet<string>>(
    () => new Set(talk.sheets.flatMap(({ notes }) => notes.slice(FIRST_NOTES).map(({ id }) => id))),
  );
  const { classId, sheets, terms, term, appointments } = talk;
  const [only] = sheets;
  const at = addressesOf(classId);
  return (
    <>
      <div className="talk-head">
        <Link
          className="act"
          href={sheets.length === 1 && only ? at.student(only.personId) : at.sheets}
          prefetch={false}
        >
          {t('back', { count: sheets.length })}
        </Link>
        <span>
          <b>{t('head', { count: sheets.length })}</b> {t('says')}
        </span>
        {terms.length > 0 ? (
          <select
            aria-label={t('term')}
            value={term ?? ''}
            onChange={({ target }) => {
              const asked = new URLSearchParams(search);
              if (target.value) asked.set('term', target.value);
              else asked.delete('term');
              router.replace(`${path}?${asked.toString()}`);
            }}
          >
            <option value="">{t('all')}</option>
            {terms.map(({ term: first, name }) => (
              <option key={first} value={first}>
                {name}
              </option>
            ))}
          </select>
        ) : null}
        <button type="button" className="act" aria-pressed={choosing} onClick={() => setChoosing(!choosing)}>
          {choosing ? t('chosen') : t('choose')}
        </button>
        <button type="button" className="btn go" onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> {t('print')}
        </button>
      </div>
      <main className="talk-page" id="main">
        {sheets.map((sheet) => (
          <TalkSheet
            key={sheet.personId}
            {...talk}
            sheet={sheet}
            appointment={appointments.find(({ personId }) => personId === sheet.personId) ?? null}
            choosing={choosing}
            left={left}
            onChoose={(id, on) => {
              const next = new Set(left);
              if (on) next.delete(id);
              else next.add(id);
              setLeft(next);
            }}
          />
        ))}
      </main>
    </>
  );
}
