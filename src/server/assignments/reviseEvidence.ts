import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { done, type UseCase } from '../access/useCase';
import { updateEvidence } from '../posts/queries';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';
import { taughtSiblings } from './taughtSiblings';
import { evidenceChanges } from './evidenceChanges';

/** How somebody's hand-in would stand before and after, in points of the bays. */
export interface StandingChange {
  readonly writer: string;
  readonly before: number;
  readonly after: number;
  readonly possible: number;
}

const assignmentId = { type: 'string', maxLength: 16 } as const;

interface PreviewInput {
  readonly assignmentId: string;
  readonly requirements: readonly Requirement[];
}

/** Says whose evidence would change if the requirements became others. Nothing is changed. */
export const previewEvidence: UseCase<
  PreviewInput,
  AssignmentFacts,
  { readonly changes: readonly StandingChange[] }
> = {
  name: 'previewEvidence',
  action: 'assignment.change',
  looksOnly: true,
  input: {
    type: 'object',
    required: ['assignmentId', 'requirements'],
    additionalProperties: false,
    properties: {
      assignmentId,
      requirements: { type: 'array', maxItems: 40, items: requirementSchema },
    },
  },
  find: ({ assignmentId: id }, { database }) => findAssignmentToActOn(database, id),
  async run({ requirements }, { rows: { assignment, inClass } }, { database, personId }) {
    const changes = [];
    for (const one of [{ assignment, inClass }, ...(await taughtSiblings(database, assignment, personId))])
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
};

/** Measures what was handed in anew by the assignment's requirements as they stand. What a grade was given back for stays. */
export const reviseEvidence: UseCase<
  { readonly assignmentId: string },
  AssignmentFacts,
  { readonly revised: number }
> = {
  name: 'reviseEvidence',
  action: 'assignment.change',
  input: {
    type: 'object',
    required: ['assignmentId'],
    additionalProperties: false,
    properties: { assignmentId },
  },
  find: ({ assignmentId: id }, { database }) => findAssignmentToActOn(database, id),
  async run(_, { rows }, { database, personId }) {
    const changes = await evidenceChanges(database, rows);
    for (const sibling of await taughtSiblings(database, rows.assignment, personId))
      changes.push(...(await evidenceChanges(database, sibling)));
    for (const { handInId, after } of changes) await updateEvidence(database, handInId, after);
    return done({ revised: changes.length });
  },
};
