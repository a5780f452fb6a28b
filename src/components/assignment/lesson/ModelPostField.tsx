'use client';

import { useTranslations } from 'next-intl';
import { NO_INSTRUCTIONS, type ModelPost } from '../../../core/assignments/lessonText';
import { Field } from '../../basics/Field';
import type { LessonDeskProps } from '../../lesson/LessonDesk';
import { CheckFill } from '../forms/fields';
import { LessonTextField } from './LessonTextField';

interface ModelPostFieldProps extends Omit<LessonDeskProps, 'label' | 'body' | 'onChange'> {
  readonly model: ModelPost | null;
  readonly problem: string;
  readonly onChange: (model: ModelPost | null) => void;
}

/** Whether there is a post to look at that shows what is meant, and what it says. */
export function ModelPostField({ model, onChange, ...desk }: ModelPostFieldProps) {
  const t = useTranslations('builder.lesson');
  return (
    <div className="grid gap-2">
      <CheckFill
        checked={model !== null}
        onChange={(on) => onChange(on ? { title: '', body: NO_INSTRUCTIONS } : null)}
      >
        {t('hasModel')}
      </CheckFill>
      {model ? (
        <div className="grid gap-2 border-l-4 border-dusk pl-3">
          <Field
            label={t('modelTitle')}
            value={model.title}
            maxLength={300}
            onText={(title) => onChange({ ...model, title })}
          />
          <LessonTextField
            {...desk}
            label={t('model')}
            body={model.body}
            onChange={(body) => onChange({ ...model, body })}
          />
        </div>
      ) : null}
    </div>
  );
}
