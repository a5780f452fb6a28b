'use client';

import { useTranslations } from 'next-intl';
import type { RequirementFormProps } from './formProps';
import { AskedFills, LimitFill } from './LimitFill';

export function PicturesForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.pictures.form');
  const common = { requirement, change };
  return (
    <>
      {t('atLeast')} <LimitFill {...common} setting="min" label="min" /> {t('atMost')}{' '}
      <LimitFill {...common} setting="max" label="max" />{' '}
      <AskedFills {...common} settings={['credit', 'description', 'licence', 'distinct', 'every']} />
    </>
  );
}
