import { useTranslations } from 'next-intl';
import { WorriesList, type WorryRow } from './WorriesList';

interface WorriesProps {
  readonly rows: readonly WorryRow[];
  /** Whether the school has named nobody. */
  readonly nobodyNamed: boolean;
}

/** The worries that wait, what was promised first at the top. */
export function Worries({ rows, nobodyNamed }: WorriesProps) {
  const t = useTranslations('worries');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading', { count: rows.length })}</h1>
      <p className="under">{t(nobodyNamed ? 'nobodyNamed' : 'under')}</p>
      <WorriesList rows={rows} />
    </main>
  );
}
