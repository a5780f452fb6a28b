/** Whom a school can name for what goes beyond a class. */
export const SCHOOL_DUTIES = ['safetyPerson', 'deputy', 'head'] as const;
export type SchoolDuty = (typeof SCHOOL_DUTIES)[number];

/** Those who look after worries where the school has named them. */
export const TENDING_DUTIES = ['safetyPerson', 'deputy'] as const satisfies readonly SchoolDuty[];

/** Who could look after a case, by what they are; a person may be several of these. */
export interface CaseCandidates {
  /** The safety person and the deputy; none until the school names somebody. */
  readonly named: readonly string[];
  readonly administrators: readonly string[];
  /** Who teaches the class that it comes from. */
  readonly teachers: readonly string[];
}

/** Who looks after a case: those whom the school named, the administrators in their place, or the class as long as nobody is named. */
export interface CaseReaders {
  readonly as: 'named' | 'administrators' | 'nobodyNamed';
  readonly personIds: readonly string[];
}

/**
 * Who looks after a case. Nobody whose words it is about reads it; where that leaves nobody of those who are named, the
 * administrators who are not its subject do.
 * @param aboutId whose words it is about; null where that is not known any more
 */
export function caseReaders(
  { named, administrators, teachers }: CaseCandidates,
  aboutId: string | null,
): CaseReaders {
  const others = (ids: readonly string[]) => [...new Set(ids)].filter((id) => id !== aboutId);
  if (named.length === 0) return { as: 'nobodyNamed', personIds: others([...administrators, ...teachers]) };
  const able = others(named);
  return able.length > 0
    ? { as: 'named', personIds: able }
    : { as: 'administrators', personIds: others(administrators) };
}
