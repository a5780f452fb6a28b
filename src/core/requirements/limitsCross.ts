import type { Requirement } from './requirement';

/** Whether a requirement asks for more at least than at most. */
export function limitsCross({ min, max }: Requirement): boolean {
  return typeof min === 'number' && typeof max === 'number' && min > max;
}
