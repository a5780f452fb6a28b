'use client';

import { useTranslations } from 'next-intl';
import { Clause } from './Clause';
import { CheckFill } from './fields';
import type { RequirementFormProps } from './formProps';
import { LimitClause } from './SentenceForm';

export function WordsForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.words.form');
  const common = { requirement, change };
  const both = (requirement['min'] === undefined) === (requirement['max'] === undefined);
  const counted = (setting: string, words: string) => (
    <Clause asked={requirement[setting] !== true} aside>
      <CheckFill
        checked={requirement[setting] !== true}
        onChange={(on) => change({ [setting]: on ? undefined : true })}
      >
        {words}
      </CheckFill>
    </Clause>
  );
  return (
    <>
      <LimitClause {...common} part={{ limit: 'min', label: 'min', says: both ? 'between' : 'atLeast' }} />
      <LimitClause {...common} part={{ limit: 'max', label: 'max', says: both ? 'and' : 'atMost' }} />{' '}
      {t('words')}
      <LimitClause
        {...common}
        part={{
          limit: 'tolerance',
          label: 'toleranceLabel',
          says: 'tolerance',
          aside: true,
        }}
      />
      {counted('excludeQuotations', t('quotations'))}
      {counted('excludeHeadings', t('headings'))}
    </>
  );
}
