import { TooBusy } from '../../deeds/gradebook/gradesInBook';

/** `busy` in place of what cannot be computed now. */
export function busyInstead<Shown>(view: Promise<Shown>): Promise<Shown | 'busy'> {
  return view.catch((error: unknown) => {
    if (error instanceof TooBusy) return 'busy' as const;
    throw error;
  });
}
