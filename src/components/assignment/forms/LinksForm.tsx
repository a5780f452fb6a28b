'use client';

import { useTranslations } from 'next-intl';
import { CheckFill, NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';

export function LinksForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.links.form');
  return (
    <>
      {t('atLeast')}{' '}
      <NumberFill
        label={t('min')}
        value={requirement['min'] as number | undefined}
        onChange={(min) => change({ min })}
      />{' '}
      {t('sites')}{' '}
      <NumberFill
        label={t('sitesLabel')}
        value={requirement['differentSites'] as number | undefined}
        onChange={(differentSites) => change({ differentSites })}
      />{' '}
      {t('places')}{' '}
      <CheckFill
        checked={requirement['descriptiveText'] === true}
        onChange={(on) => change({ descriptiveText: on ? true : undefined })}
      >
        {t('descriptiveText')}
      </CheckFill>{' '}
      <CheckFill
        checked={requirement['every'] === true}
        onChange={(on) => change({ every: on ? true : undefined })}
      >
        {t('every')}
      </CheckFill>
    </>
  );
}
