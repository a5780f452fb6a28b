'use client';

import { CalendarDays } from 'lucide-react';
import { useLocale, useTranslations } from 'next-intl';
import { dayOff, isSchoolDay, type SchoolYear } from '../../../core/classes/schoolYear';
import { localMomentInWords } from '../../../core/timing/inWords';
import { GrowingForm } from './GrowingForm';
import { changeable } from './changeable';
import { ReadField } from './ReadField';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';

/** When it is due, and whether posts grow until then. */
export function WhenLine({ draft, year, change, problemAt }: ReadProps) {
  const t = useTranslations('builder.read');
  const locale = useLocale();
  const { due, growing } = draft;
  const off = due === null ? null : offOn(due.slice(0, 10), year);
  const when = due === null ? '' : localMomentInWords(due, locale);
  return (
    <SaidLine
      icon={CalendarDays}
      isRefused={problemAt('due') !== '' || problemAt('growing') !== ''}
      said={
        <>
          {due === null
            ? t.rich('noDueSaid', changeable)
            : t.rich(growing ? 'finishSaid' : 'dueSaid', { ...changeable, when })}{' '}
          {growing
            ? t.rich('growing.said', {
                ...changeable,
                start: growing.startBy ? localMomentInWords(growing.startBy, locale) : 'none',
                begun: growing.startBy ? 'by' : 'any',
                milestones: growing.milestones.length,
              })
            : null}
        </>
      }
    >
      <ReadField
        label={t(growing ? 'finish' : 'due')}
        problem={problemAt('due')}
        hint={off === null ? null : off ? t('dueOffNamed', { name: off }) : t('dueOff')}
      >
        {(attributes) => (
          <input
            {...attributes}
            type="datetime-local"
            value={due ?? ''}
            onChange={(event) => change({ due: event.target.value || null })}
          />
        )}
      </ReadField>
      <GrowingForm
        growing={growing}
        due={due}
        problemAt={problemAt}
        onChange={(changed) => change({ growing: changed })}
      />
    </SaidLine>
  );
}

/** Why there is no school on a day, empty where that has no name; null where there is. */
function offOn(day: string, year: SchoolYear): string | null {
  return isSchoolDay(day, year) ? null : (dayOff(day, year) ?? '');
}
