import { previewEvidence as previewEvidenceDeed } from '../../../contract/assignments/previewEvidence';
import { reviseEvidence as reviseEvidenceDeed } from '../../../contract/assignments/reviseEvidence';
import { done, refused } from '../../ground/access/useCase';
import { updateEvidence } from '../../tables/handIns';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { taughtSiblings } from '../assignments/taughtSiblings';
import { evidenceChanges } from './evidenceChanges';

export const previewEvidence = assignmentUseCase(previewEvidenceDeed, {
  async run({ requirements }, { assignment, inClass }, { database, personId, now }) {
    const changes = [];
    for (const one of [
      { assignment, inClass },
      ...(await taughtSiblings(database, assignment, { personId, now })),
    ])
      changes.push(
        ...(await evidenceChanges(
          database,
          { ...one, assignment: { ...one.assignment, requirements } },
          personId,
        )),
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

export const reviseEvidence = assignmentUseCase(reviseEvidenceDeed, {
  async prepare(_, rows, { database, personId, now }) {
    const changes = await evidenceChanges(database, rows, personId);
    for (const sibling of await taughtSiblings(database, rows.assignment, { personId, now }))
      changes.push(...(await evidenceChanges(database, sibling, personId)));
    return done({ version: rows.assignment.version, changes });
  },
  async run(_, { assignment }, { database }, { version, changes }) {
    if (assignment.version !== version) return refused('assignment.changedMeanwhile');
    for (const { handInId, after } of changes) await updateEvidence(database, handInId, after);
    return done({ revised: changes.length });
  },
});
