'use client';

import { useTranslations } from 'next-intl';
import { Clause } from './Clause';
import { ListFill } from './fields';
import type { RequirementFormProps } from './formProps';
import { AskedFills } from './LimitFill';
import { LimitClause } from './SentenceForm';

export function LabelsForm({ requirement, change, classLabels }: RequirementFormProps) {
  const t = useTranslations('requirements.labels.form');
  const allOf = (requirement['allOf'] as readonly string[] | undefined) ?? [];
  const oneOf = (requirement['oneOf'] as readonly (readonly string[])[] | undefined) ?? [];
  const common = { requirement, change };
  return (
    <>
      <Clause asked={allOf.length > 0}>
        {t('allOf')}{' '}
        <ListFill
          label={t('allOfLabel')}
          value={allOf}
          suggestions={classLabels}
          onChange={(value) => change({ allOf: value.length ? value : undefined })}
        />
      </Clause>
      <Clause asked={oneOf.length > 0}>
        {t(allOf.length > 0 ? 'andOneOf' : 'oneOf')}{' '}
        <ListFill
          label={t('oneOfLabel')}
          value={oneOf[0] ?? []}
          suggestions={classLabels}
          onChange={(value) => change({ oneOf: value.length ? [value] : undefined })}
        />
      </Clause>
      <LimitClause {...common} part={{ limit: 'max', label: 'max', before: 'atMost', aside: true }} />
      <AskedFills {...common} settings={['classOnly']} />
    </>
  );
}
