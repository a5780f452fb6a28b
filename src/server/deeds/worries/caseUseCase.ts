import type { Deed } from '../../../contract/deed';
import type { CaseEvent } from '../../../core/safety/case';
import { teacherName } from '../../../core/people/names';
import { serve, type Context, type UseCase, type WorkOn } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { insertCaseEvent } from '../../tables/caseEvents';
import { lockCase, type CaseRow } from '../../tables/cases';
import { findPerson } from '../../tables/people';
import { sightOf } from './sight';

interface OnCase {
  readonly caseId: string;
}

/** Serves a deed that acts on a case: of those who look after it. Its row is held until the transaction ends. */
export function caseUseCase<Input extends OnCase, Output>(
  deed: Deed<Input, Output, 'case'>,
  work: Omit<WorkOn<Input, CaseRow, Output, unknown>, 'turn' | 'prepare'>,
): UseCase<Input, CaseRow, Output> {
  return serve(
    deed,
    {
      find: async ({ caseId }, { database, personId }) => {
        const row = personId === null ? null : await lockCase(database, caseId);
        if (!row || personId === null) return null;
        return { ...(await foundCase(database, row, personId)), rows: row };
      },
      turnOf: () => Promise.resolve([]),
    },
    work,
  );
}

/** A case as the access table asks for it; it belongs to no class. */
export async function foundCase(database: Database, row: CaseRow, personId: string) {
  const { sees } = await sightOf(database, personId);
  const tendedBy = sees(row) ? [personId] : [];
  return { subject: { writerId: row.aboutId, tendedBy }, classId: null, subjectId: row.id };
}

/** Writes into a case's own log what somebody did. */
export async function noteInCase(
  { database, personId, now }: Pick<Context, 'database' | 'now'> & { readonly personId: string },
  caseId: string,
  what: CaseEvent,
  words: string | null = null,
): Promise<void> {
  const person = await findPerson(database, personId);
  await insertCaseEvent(database, {
    caseId,
    personId,
    personName: person ? teacherName(person) : '',
    what,
    words,
    at: now,
  });
}
