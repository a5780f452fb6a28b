'use client';

import { useTranslations } from 'next-intl';
import { Clause } from './Clause';
import type { RequirementFormProps } from './formProps';
import { useIsRead } from './isRead';
import { LimitClause } from './SentenceForm';

export function TitleForm({ requirement, change, number }: RequirementFormProps) {
  const t = useTranslations('requirements.title.form');
  const startsWith = (requirement['startsWith'] as string | undefined) ?? '';
  const beginning = startsWith.replaceAll('{number}', String(number));
  const isRead = useIsRead();
  return (
    <>
      <Clause asked={startsWith !== ''}>
        {t.rich('begins', {
          fill: () =>
            isRead ? (
              <b>{t('beginning', { beginning })}</b>
            ) : (
              <>
                <input
                  className="fill !w-36"
                  aria-label={t('beginsLabel')}
                  maxLength={200}
                  value={startsWith}
                  onChange={(event) => change({ startsWith: event.target.value || undefined })}
                />{' '}
                {startsWith ? (
                  <span className="text-ink-2">{t('example', { example: beginning })}</span>
                ) : null}
              </>
            ),
        })}
      </Clause>
      <LimitClause
        requirement={requirement}
        change={change}
        part={{
          limit: 'maxCharacters',
          label: 'maxLabel',
          says: 'atMost',
          aside: true,
        }}
      />
    </>
  );
}
