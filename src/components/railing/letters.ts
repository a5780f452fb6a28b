import type { Slat } from '../../core/requirements/slats';

/** The letter with which a mark's id in the sprite ends. */
export const LETTER: Readonly<Record<Slat, string>> = {
  met: 'm',
  partly: 'h',
  gap: 'g',
  over: 'o',
  unknown: 'u',
  bonus: 'b',
  bonusOffered: 'c',
  waits: 'w',
};
