import { useTranslations } from 'next-intl';
import type { LessonShown } from '../../core/assignments/lessonText';

/** A post that shows what is meant, out of the way until it is asked for. */
export function ModelPostShown({ model }: { readonly model: NonNullable<LessonShown['model']> }) {
  const t = useTranslations('assignments.read');
  return (
    <details className="my-4 border-l-4 border-dusk pl-3">
      <summary className="cursor-pointer font-semibold">
        {model.title ? t('modelTitled', { title: model.title }) : t('model')}
      </summary>
      <div className="prose mt-3" dangerouslySetInnerHTML={{ __html: model.html }} />
    </details>
  );
}
