import { useTranslations } from 'next-intl';
import { WorriesList, type WorryRow } from './WorriesList';

interface SettledWorriesProps {
  readonly rows: readonly WorryRow[];
  /** For how long each is kept; null for good. */
  readonly months: number | null;
}

/** The worries with which nothing is left to do. */
export function SettledWorries({ rows, months }: SettledWorriesProps) {
  const t = useTranslations('worries');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('settledHeading', { count: rows.length })}</h1>
      <p className="under">{t('settledUnder', { months: months ?? 0 })}</p>
      <WorriesList rows={rows} />
    </main>
  );
}
