import { useTranslations } from 'next-intl';

/** Where a large gradebook cannot be counted now. */
export function GradebookBusy() {
  const t = useTranslations('gradebook');
  return (
    <main className="p-6" id="main">
      <h1 className="says">{t('grid')}</h1>
      <p className="problem">{t('busy')}</p>
    </main>
  );
}
