'use client';

import { useTranslations } from 'next-intl';
import { CheckFill, NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';

const ASKED = ['credit', 'description', 'distinct', 'every'] as const;

export function PicturesForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.pictures.form');
  return (
    <>
      {t('atLeast')}{' '}
      <NumberFill
        label={t('min')}
        value={requirement['min'] as number | undefined}
        onChange={(min) => change({ min })}
      />{' '}
      {t('atMost')}{' '}
      <NumberFill
        label={t('max')}
        value={requirement['max'] as number | undefined}
        onChange={(max) => change({ max })}
      />{' '}
      {ASKED.map((asked) => (
        <span key={asked}>
          <CheckFill
            checked={requirement[asked] === true}
            onChange={(on) => change({ [asked]: on ? true : undefined })}
          >
            {t(asked)}
          </CheckFill>{' '}
        </span>
      ))}
    </>
  );
}
