import type { Requirement } from './requirement';

/** The settings of a kind that are the least and the most of the same. */
const LEAST_AND_MOST = [
  ['min', 'max'],
  ['minCharacters', 'maxCharacters'],
  ['from', 'to'],
] as const;

/** Whether a requirement asks for more at least than at most. */
export function limitsCross(requirement: Requirement): boolean {
  return LEAST_AND_MOST.some(([least, most]) => {
    const [min, max] = [requirement[least], requirement[most]];
    return typeof min === 'number' && typeof max === 'number' && min > max;
  });
}
