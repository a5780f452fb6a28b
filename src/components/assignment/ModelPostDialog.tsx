'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import type { LessonShown } from '../../core/assignments/lessonText';
import { Panel } from '../basics/Panel';

/** A post that shows what is meant, raised over what is being written. */
export function ModelPostDialog({ model }: { readonly model: NonNullable<LessonShown['model']> }) {
  const t = useTranslations('assignments.read');
  return (
    <Dialog.Root>
      <Dialog.Trigger className="act mt-3">{t('lookAtModel')}</Dialog.Trigger>
      <Panel title={model.title || t('model')} wide>
        <p className="text-ink-2">{t('modelIs')}</p>
        <div className="prose mt-3" dangerouslySetInnerHTML={{ __html: model.html }} />
        <Dialog.Close className="btn mt-4">{t('writeOn')}</Dialog.Close>
      </Panel>
    </Dialog.Root>
  );
}
