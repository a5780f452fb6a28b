/** When somebody comes to talk; day and time are null where nobody said so. */
export interface Appointment {
  readonly personId: string;
  /** `2026-12-14` */
  readonly day: string | null;
  /** `15:10` */
  readonly time: string | null;
}

const ONE = /^([0-9a-z]{1,16})(?:@(\d{2}:\d{2}))?$/;

/**
 * Reads who comes when from an address, in the order of the appointments; who has none stands last, and who is named twice comes once.
 * What is no id is left out.
 * @param text `id@15:10,id`
 * @param day `2026-12-14` for all of them
 */
export function asAppointments(text: string, day: string | null): readonly Appointment[] {
  const known = new Map<string, Appointment>();
  for (const one of text.split(',')) {
    const [, personId, time = null] = ONE.exec(one) ?? [];
    if (personId && !known.has(personId))
      known.set(personId, {
        personId,
        time,
        day: day !== null && /^\d{4}-\d{2}-\d{2}$/.test(day) ? day : null,
      });
  }
  return [...known.values()].toSorted((one, another) =>
    (one.time ?? '99').localeCompare(another.time ?? '99'),
  );
}

/** The same as an address says it. */
export function fromAppointments(appointments: readonly Pick<Appointment, 'personId' | 'time'>[]): string {
  return appointments.map(({ personId, time }) => (time ? `${personId}@${time}` : personId)).join(',');
}
