import { useTranslations } from 'next-intl';
import type { Slat } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { LETTER } from './letters';

/** The railing in a list: one picket for each requirement under a thin handrail. */
export function SmallRailing({
  slats,
  wide = false,
}: {
  readonly slats: readonly Slat[];
  readonly wide?: boolean;
}) {
  const t = useTranslations('railing');
  const met = slats.filter((slat) => slat === 'met').length;
  const asked = slats.filter((slat) => slat !== 'bonus' && slat !== 'bonusOffered').length;
  const words = slats.includes('bonus') ? t('smallWithBonus', { met, asked }) : t('small', { met, asked });
  return (
    <span className={wide ? 'small-railing class-wide' : 'small-railing'} role="img" aria-label={words}>
      {slats.map((slat, index) => (
        <Mark key={index} id={`p-${LETTER[slat]}`} />
      ))}
    </span>
  );
}
