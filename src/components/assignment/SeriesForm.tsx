'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useAddresses } from '../desk/useAddresses';
import { useState } from 'react';
import { endSeries } from '../../contract/assignments/endSeries';
import { repeatAssignment } from '../../contract/assignments/repeatAssignment';
import { nextSchoolDay, type SchoolYear } from '../../core/classes/schoolYear';
import { fillText, seriesDates, type SeriesRule } from '../../core/assignments/series';
import { addDays, weekday } from '../../core/timing/zonedTime';
import { useDeed } from '../basics/useDeed';
import type { BuilderProps } from './builderProps';
import { SeriesDays } from './SeriesDays';
import { SeriesRuleFields } from './SeriesRuleFields';

interface SeriesFormProps extends BuilderProps {
  /** Saves what was changed last; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
}

const WEEKS_AT_FIRST = 8;

/** Repeating an assignment: the rule, the days that it makes, and the repetitions as they stand. */
export function SeriesForm(props: SeriesFormProps) {
  const { assignmentId, draft, isSet, given, givenUnseen, series, seriesOf, year, language, flush } = props;
  const t = useTranslations('builder.series');
  const addresses = useAddresses();
  const { act, busy, problem } = useDeed();
  const [rule, setRule] = useState<SeriesRule | null>(null);
  if (seriesOf)
    return (
      <p>
        {t('isOneOf')}{' '}
        <Link className="act" href={addresses.assignment(seriesOf.assignmentId)}>
          {seriesOf.title || t('untitled')}
        </Link>
      </p>
    );
  if (isSet || draft.growing || (!series && given.length + givenUnseen > 0)) return null;
  const make = async () => {
    if (rule && (await flush()) && (await act(repeatAssignment, { assignmentId, series: rule })))
      setRule(null);
  };
  return (
    <section className="grid gap-2" aria-label={t('title')}>
      <h3 className="font-semibold">{t('title')}</h3>
      {series && !rule ? (
        <ol className="grid gap-1 text-[14px]">
          {series.repetitions.map((one) => (
            <li key={one.id}>
              <Link href={addresses.assignment(one.id)}>{one.title}</Link>{' '}
              <span className="text-ink-2">
                {one.isSet ? t('isSet') : t('opens', { when: one.opens ?? '' })}
                {one.byHand && !one.isSet ? `, ${t('byHand')}` : ''}
              </span>
            </li>
          ))}
        </ol>
      ) : null}
      {rule ? (
        <div className="grid gap-3 border-l-4 border-porch pl-3">
          <p className="text-[13.5px] text-ink-2">{t('fillsIn')}</p>
          <SeriesRuleFields rule={rule} onChange={setRule} />
          <SeriesDays
            found={seriesDates(rule, year)}
            titleOn={(date) => fillText(draft.title, { ...date, language })}
            onLeaveOut={(date) => setRule({ ...rule, except: [...rule.except, date] })}
            onTakeIn={(date) => setRule({ ...rule, except: rule.except.filter((one) => one !== date) })}
          />
          <span className="flex flex-wrap gap-4">
            <button type="button" className="btn go" disabled={busy} onClick={() => void make()}>
              {series ? t('change') : t('make')}
            </button>
            <button type="button" className="act" data-leave="" onClick={() => setRule(null)}>
              {t('leave')}
            </button>
          </span>
        </div>
      ) : (
        <span className="flex flex-wrap gap-4">
          <button
            type="button"
            className="act"
            onClick={() => setRule(series?.rule ?? firstRule(draft.due, year))}
          >
            {series ? t('changeDays') : t('repeat')}
          </button>
          {series ? (
            <button
              type="button"
              className="act"
              disabled={busy}
              onClick={() => void act(endSeries, { assignmentId })}
            >
              {t('end')}
            </button>
          ) : null}
        </span>
      )}
      <p className="problem" role="alert">
        {problem}
      </p>
    </section>
  );
}

/** Each week from the due day on, or from today; from the next day with school where there is none. */
function firstRule(due: string | null, year: SchoolYear): SeriesRule {
  const first = nextSchoolDay(due?.slice(0, 10) ?? new Date().toISOString().slice(0, 10), year);
  return {
    first,
    last: addDays(first, 7 * WEEKS_AT_FIRST),
    weekdays: [weekday(first)],
    every: 1,
    except: [],
    time: due?.slice(11) ?? '16:00',
    opensBefore: 6,
    weeks: 'counted',
  };
}
