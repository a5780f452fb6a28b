'use client';

import { useTranslations } from 'next-intl';
import type { RequirementFormProps } from './formProps';
import { AskedFills, LimitFill } from './LimitFill';

export function LinksForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.links.form');
  const common = { requirement, change };
  return (
    <>
      {t('atLeast')} <LimitFill {...common} setting="min" label="min" /> {t('sites')}{' '}
      <LimitFill {...common} setting="differentSites" label="sitesLabel" /> {t('places')}{' '}
      <AskedFills {...common} settings={['opens', 'descriptiveText', 'every']} />
    </>
  );
}
