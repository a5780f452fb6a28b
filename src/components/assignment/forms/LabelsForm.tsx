'use client';

import { useTranslations } from 'next-intl';
import { CheckFill, ListFill, NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';

export function LabelsForm({ requirement, change, classLabels }: RequirementFormProps) {
  const t = useTranslations('requirements.labels.form');
  const allOf = (requirement['allOf'] as readonly string[] | undefined) ?? [];
  const oneOf = (requirement['oneOf'] as readonly (readonly string[])[] | undefined) ?? [];
  return (
    <>
      {t('allOf')}{' '}
      <ListFill
        label={t('allOfLabel')}
        value={allOf}
        suggestions={classLabels}
        onChange={(value) => change({ allOf: value.length ? value : undefined })}
      />{' '}
      {t('oneOf')}{' '}
      <ListFill
        label={t('oneOfLabel')}
        value={oneOf[0] ?? []}
        suggestions={classLabels}
        onChange={(value) => change({ oneOf: value.length ? [value] : undefined })}
      />{' '}
      {t('atMost')}{' '}
      <NumberFill
        label={t('max')}
        value={requirement['max'] as number | undefined}
        onChange={(max) => change({ max })}
      />{' '}
      <CheckFill
        checked={requirement['classOnly'] === true}
        onChange={(on) => change({ classOnly: on ? true : undefined })}
      >
        {t('classOnly')}
      </CheckFill>
    </>
  );
}
