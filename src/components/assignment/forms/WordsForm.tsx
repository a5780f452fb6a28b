'use client';

import { useTranslations } from 'next-intl';
import { CheckFill, NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';

export function WordsForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.words.form');
  return (
    <>
      {t('between')}{' '}
      <NumberFill
        label={t('min')}
        value={requirement['min'] as number | undefined}
        onChange={(min) => change({ min })}
      />{' '}
      {t('and')}{' '}
      <NumberFill
        label={t('max')}
        value={requirement['max'] as number | undefined}
        onChange={(max) => change({ max })}
      />{' '}
      {t('tolerance')}{' '}
      <NumberFill
        label={t('toleranceLabel')}
        value={requirement['tolerance'] as number | undefined}
        onChange={(tolerance) => change({ tolerance })}
      />{' '}
      {t('percent')}{' '}
      <CheckFill
        checked={requirement['excludeQuotations'] !== true}
        onChange={(on) => change({ excludeQuotations: on ? undefined : true })}
      >
        {t('quotations')}
      </CheckFill>{' '}
      <CheckFill
        checked={requirement['excludeHeadings'] !== true}
        onChange={(on) => change({ excludeHeadings: on ? undefined : true })}
      >
        {t('headings')}
      </CheckFill>
    </>
  );
}
