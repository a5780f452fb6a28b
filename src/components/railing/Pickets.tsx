import type { Slat } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { LETTER } from './letters';

/** The pickets of one bay of the big railing. What they say stands in words below them. */
export function Pickets({
  slats,
  toCome = false,
}: {
  readonly slats: readonly Slat[];
  readonly toCome?: boolean;
}) {
  return (
    <span className={toCome ? 'pickets to-come' : 'pickets'} aria-hidden="true">
      {slats.map((slat, index) => (
        <i key={index} className={slat === 'gap' ? 'gap' : ''}>
          {slat === 'gap' ? null : <Mark id={`k-${LETTER[slat]}`} />}
        </i>
      ))}
    </span>
  );
}
