import { TooBusy } from './gradesInBook';

/** `busy` in place of figures that cannot be made now. */
export function busyInstead<Made>(making: Promise<Made>): Promise<Made | 'busy'> {
  return making.catch((error: unknown) => {
    if (error instanceof TooBusy) return 'busy' as const;
    throw error;
  });
}
