interface Due {
  readonly past: boolean;
  /** `2026-11-19`; null where nothing is due. */
  readonly dueDate: string | null;
}

/** Orders work for whoever does it: what is due next first, then what was due, and what has no day last within each. */
export function byDue(one: Due, another: Due): number {
  return (
    Number(one.past) - Number(another.past) || (one.dueDate ?? '9').localeCompare(another.dueDate ?? '9')
  );
}
