'use client';

import { useTranslations } from 'next-intl';
import { NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';

export function TitleForm({ requirement, change, number }: RequirementFormProps) {
  const t = useTranslations('requirements.title.form');
  const startsWith = (requirement['startsWith'] as string | undefined) ?? '';
  return (
    <>
      {t('begins')}{' '}
      <input
        className="fill !w-36"
        aria-label={t('beginsLabel')}
        maxLength={200}
        value={startsWith}
        onChange={(event) => change({ startsWith: event.target.value || undefined })}
      />{' '}
      {startsWith ? (
        <span className="text-ink-2">
          {t('example', { example: startsWith.replace('{number}', String(number)) })}
        </span>
      ) : null}{' '}
      {t('atMost')}{' '}
      <NumberFill
        label={t('maxLabel')}
        value={requirement['maxCharacters'] as number | undefined}
        onChange={(maxCharacters) => change({ maxCharacters })}
      />{' '}
      {t('characters')}
    </>
  );
}
