import { useTranslations } from 'next-intl';
import type { RosterConsent } from './rosterProps';

/** What consent holds for today, and whose; or that there is none. */
export function ConsentLine({ consents }: { readonly consents: readonly RosterConsent[] }) {
  const t = useTranslations('roster.consent');
  const holding = consents.filter((one) => one.holds);
  const [latest] = holding;
  if (!latest) {
    const [last] = consents;
    return <b className="text-amber">{t(last ? (last.withdrawn ? 'withdrawn' : 'over') : 'none')}</b>;
  }
  const purposes = [...new Set(holding.flatMap((one) => one.purposes))];
  return (
    <>
      <span className="block text-ink">{purposes.map((one) => t(`purposes.${one}`)).join(', ')}</span>
      <span className="text-[13px]">
        {t('by', { relation: latest.relation, until: latest.untilShown ?? 'none' })}
      </span>
    </>
  );
}
