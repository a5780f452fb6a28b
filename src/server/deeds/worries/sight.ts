import { caseReaders } from '../../../core/safety/caseReaders';
import type { Database } from '../../ground/database/database';
import type { CaseRow } from '../../tables/cases';
import { listDuties, tending } from '../../tables/schoolDuties';
import { findStandbyOf, listStandby, type StandbyRow } from '../../tables/worryReaders';

/** What decides who looks after a case. */
type Concerned = Pick<CaseRow, 'classId' | 'aboutId'>;

/** Says of any case whether one person looks after it now. Whom the school names may change, and who teaches a class. */
export async function sightOf(
  database: Database,
  personId: string,
): Promise<{
  /** Whether they look after worries at all. */
  readonly named: boolean;
  /** Whether the school has named nobody. */
  readonly nobodyNamed: boolean;
  readonly sees: (one: Concerned) => boolean;
}> {
  const named = tending(await listDuties(database)).map((one) => one.personId);
  const { administrates, classIds } = await findStandbyOf(database, personId);
  return {
    named: named.includes(personId),
    nobodyNamed: named.length === 0,
    sees: ({ classId, aboutId }) =>
      caseReaders(
        {
          named,
          administrators: administrates ? [personId] : [],
          teachers: classId !== null && classIds.has(classId) ? [personId] : [],
        },
        aboutId,
      ).personIds.includes(personId),
  };
}

/** Who looks after what is told in a class about somebody's words, in the order in which they are asked. */
export async function readersOf(database: Database, { classId, aboutId }: Concerned) {
  const duties = tending(await listDuties(database));
  const standby = await listStandby(database, classId);
  const ids = (of: (one: StandbyRow) => boolean) => standby.filter(of).map((one) => one.personId);
  const { as, personIds } = caseReaders(
    {
      named: duties.map((one) => one.personId),
      administrators: ids((one) => one.administrates),
      teachers: ids((one) => one.teaches),
    },
    aboutId,
  );
  const people = new Map(
    [...standby, ...duties].map(({ personId, ...one }) => [personId, { personId, ...one }] as const),
  );
  return { as, people: personIds.flatMap((id) => people.get(id) ?? []) };
}
