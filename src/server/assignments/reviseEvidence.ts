import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { done, refused } from '../access/useCase';
import { updateEvidence } from '../posts/queries';
import { assignmentUseCase } from './assignmentUseCase';
import { taughtSiblings } from './taughtSiblings';
import { evidenceChanges, type EvidenceChange } from './evidenceChanges';

/** How somebody's hand-in would stand before and after, in points of the bays. */
export interface StandingChange {
  readonly writer: string;
  readonly before: number;
  readonly after: number;
  readonly possible: number;
}

interface PreviewInput {
  readonly assignmentId: string;
  readonly requirements: readonly Requirement[];
}

/** Says whose evidence would change if the requirements became others. Nothing is changed. */
export const previewEvidence = assignmentUseCase<
  PreviewInput,
  { readonly changes: readonly StandingChange[] }
>({
  name: 'previewEvidence',
  looksOnly: true,
  outside: true,
  fields: { requirements: { type: 'array', maxItems: 40, items: requirementSchema } },
  async run({ requirements }, { assignment, inClass }, { database, personId, now }) {
    const changes = [];
    for (const one of [
      { assignment, inClass },
      ...(await taughtSiblings(database, assignment, { personId, now })),
    ])
      changes.push(
        ...(await evidenceChanges(database, { ...one, assignment: { ...one.assignment, requirements } })),
      );
    return done({
      changes: changes.map(({ writer, before, after }) => ({
        writer,
        before: before.points.earned,
        after: after.points.earned,
        possible: after.points.possible,
      })),
    });
  },
});

/**
 * Measures what was handed in anew by the assignment's requirements as they stand. What a grade was given back for stays. All of
 * a class takes a while, so it is measured first and written then, unless the requirements have changed meanwhile.
 */
export const reviseEvidence = assignmentUseCase<
  { readonly assignmentId: string },
  { readonly revised: number },
  { readonly version: number; readonly changes: readonly EvidenceChange[] }
>({
  name: 'reviseEvidence',
  async prepare(_, rows, { database, personId, now }) {
    const changes = await evidenceChanges(database, rows);
    for (const sibling of await taughtSiblings(database, rows.assignment, { personId, now }))
      changes.push(...(await evidenceChanges(database, sibling)));
    return done({ version: rows.assignment.version, changes });
  },
  async run(_, { assignment }, { database }, { version, changes }) {
    if (assignment.version !== version) return refused('assignment.changedMeanwhile');
    for (const { handInId, after } of changes) await updateEvidence(database, handInId, after);
    return done({ revised: changes.length });
  },
});
