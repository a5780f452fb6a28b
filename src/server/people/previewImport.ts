import { done } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { planImport, type Choices, type ImportPlan } from './planImport';
import type { RosterSource } from '../../core/roster/rosterSource';
import { readSource, rosterSource } from './rosterSource';

export interface ImportInput extends Choices {
  readonly classId: string;
  readonly source: RosterSource;
}

const rows = { type: 'array', maxItems: 20_000, items: { type: 'integer', minimum: 1 } } as const;

/** JSON Schemas of what an import and its preview are told. */
export const importFields = { source: rosterSource, same: rows, another: rows };

/** Says row by row what an import would make, match and refuse. Nothing is changed. */
export const previewImport = classUseCase<ImportInput, ImportPlan>({
  name: 'previewImport',
  action: 'roster.change',
  looksOnly: true,
  outside: true,
  fields: importFields,
  async run({ classId, source, same, another }, _, { database, personId }) {
    const read = await readSource(source, personId);
    if (!read.ok) return read;
    return done(await planImport(database, classId, read.value, { same, another, by: personId }));
  },
});
