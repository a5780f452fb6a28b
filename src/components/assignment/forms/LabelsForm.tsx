'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { Clause } from './Clause';
import { ListFill } from './fields';
import type { RequirementFormProps } from './formProps';
import { AskedFills } from './LimitFill';
import { LimitClause } from './SentenceForm';

type Groups = readonly (readonly string[])[];

export function LabelsForm({ requirement, change, classLabels }: RequirementFormProps) {
  const t = useTranslations('requirements.labels.form');
  const allOf = (requirement['allOf'] as readonly string[] | undefined) ?? [];
  const groups = useGroups((requirement['oneOf'] as Groups | undefined) ?? [], (oneOf) => change({ oneOf }));
  const common = { requirement, change };
  return (
    <>
      <Clause asked={allOf.length > 0}>
        {t.rich('allOf', {
          fill: () => (
            <ListFill
              label={t('allOfLabel')}
              value={allOf}
              suggestions={classLabels}
              onChange={(value) => change({ allOf: value.length ? value : undefined })}
            />
          ),
        })}
      </Clause>
      {groups.all.map((group, index) => (
        <Clause key={index} asked={group.length > 0}>
          {t.rich(index > 0 || allOf.length > 0 ? 'andOneOf' : 'oneOf', {
            fill: () => (
              <ListFill
                label={t('oneOfLabel', { ordinal: index + 1 })}
                value={group}
                suggestions={classLabels}
                onChange={(value) => groups.set(index, value)}
              />
            ),
          })}
        </Clause>
      ))}
      <LimitClause {...common} part={{ limit: 'max', label: 'max', says: 'atMost', aside: true }} />
      <AskedFills {...common} settings={['classOnly']} />
    </>
  );
}

/** Groups of labels of which one each must be there; an empty one at the end is room for a further one. */
function useGroups(asked: Groups, onChange: (groups: Groups | undefined) => void) {
  // What is typed keeps its place while a group before it is emptied.
  const [all, setAll] = useState<Groups>(() => [...asked, []]);
  const set = (index: number, group: readonly string[]) => {
    const changed = all.with(index, group);
    setAll(changed.at(-1)?.length ? [...changed, []] : changed);
    const filled = changed.filter((one) => one.length > 0);
    onChange(filled.length > 0 ? filled : undefined);
  };
  return { all, set };
}
