'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { changeYear } from '../../contract/classes/changeYear';
import { useDeed } from '../basics/useDeed';
import { Weekdays } from '../basics/Weekdays';
import { KeepLine } from './KeepLine';
import { SpanList } from './SpanList';
import type { ClassSettingsProps } from './classProps';

/** Where the class is and when it has school: deadlines, series and late days are counted by this. */
export function YearForm(
  props: Pick<ClassSettingsProps, 'classId' | 'place' | 'year' | 'languages' | 'timeZones'>,
) {
  const { classId, place, year, languages, timeZones } = props;
  const t = useTranslations('classSettings.year');
  const id = useId();
  const { act, busy, problem, field } = useDeed();
  const [typed, setTyped] = useState({ ...place, ...year });
  const [kept, setKept] = useState(false);
  const changed = JSON.stringify(typed) !== JSON.stringify({ ...place, ...year });
  const change = (part: Partial<typeof typed>) => setTyped({ ...typed, ...part });
  const wrongSpan = (list: string) =>
    field.startsWith(`${list}.`) ? { at: Number(field.split('.')[1]), problem } : null;
  return (
    <form
      id="year"
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        setKept(await act(changeYear, { classId, ...typed }));
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <label className="grid gap-1" htmlFor={`${id}-zone`}>
        <span className="font-semibold">{t('timeZone')}</span>
        <select
          id={`${id}-zone`}
          className="field"
          value={typed.timeZone}
          onChange={(event) => change({ timeZone: event.target.value })}
        >
          {[...new Set([place.timeZone, ...timeZones])].map((zone) => (
            <option key={zone} value={zone}>
              {zone.replaceAll('_', ' ')}
            </option>
          ))}
        </select>
      </label>
      <label className="grid gap-1" htmlFor={`${id}-language`}>
        <span className="font-semibold">{t('language')}</span>
        <select
          id={`${id}-language`}
          className="field"
          value={typed.language}
          onChange={(event) => change({ language: event.target.value })}
        >
          {languages.map(({ tag, name }) => (
            <option key={tag} value={tag}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <Weekdays
        legend={<b className="font-semibold">{t('schoolDays')}</b>}
        days={typed.schoolDays}
        onChange={(schoolDays) => change({ schoolDays })}
      />
      <SpanList
        legend={t('terms')}
        add={t('addTerm')}
        spans={typed.terms}
        wrong={wrongSpan('terms')}
        onChange={(terms) => change({ terms })}
      />
      <SpanList
        legend={t('holidays')}
        add={t('addHoliday')}
        spans={typed.holidays}
        wrong={wrongSpan('holidays')}
        onChange={(holidays) => change({ holidays })}
      />
      <KeepLine busy={busy} changed={changed} kept={kept} problem={field.includes('.') ? '' : problem} />
    </form>
  );
}
