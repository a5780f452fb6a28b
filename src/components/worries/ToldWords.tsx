import type { useTranslations } from 'next-intl';
import type { Told } from '../../core/safety/told';

interface ToldWordsProps {
  readonly t: ReturnType<typeof useTranslations<'worry'>>;
  readonly told: Told;
  readonly className?: string;
}

/** What somebody is told who told a worry: who reads it, by when, and where else there is help. */
export function ToldWords({ t, told, className = '' }: ToldWordsProps) {
  const { reader, by, help, away, nobody } = told;
  return (
    <div role="status" className={`max-w-[460px] border-l-4 border-edge pl-3 ${className}`}>
      <p className="font-semibold">{t('thanks')}</p>
      <p>
        {nobody
          ? t('nobodyReads')
          : by === null
            ? reader === null
              ? t('teachersRead')
              : t('reads', { reader })
            : reader === null
              ? t('teachersReadBy', { by })
              : t('readsBy', { reader, by })}
      </p>
      {away ? <p>{t('away')}</p> : null}
      {help ? <p className="whitespace-pre-wrap">{help}</p> : null}
      {by === null ? null : (
        <p>
          <a className="act" href="/told">
            {t('seeAnswers')}
          </a>
        </p>
      )}
    </div>
  );
}
