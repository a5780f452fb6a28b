import { changeAssignment as deed } from '../../../contract/assignments/changeAssignment';
import { audiencesUpTo } from '../../../core/access/audience';
import { wrongStep } from '../../../core/assignments/growing';
import { comesWith, type LessonText } from '../../../core/assignments/lessonText';
import { maybeOpenDocument } from '../../../core/document/openDocument';
import { limitsCross } from '../../../core/requirements/limitsCross';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { noteWhatComesWith } from '../../tables/handouts';
import { updateAssignment, type AssignmentRow } from '../../tables/assignments';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { spreadChange } from './spreadChange';

export const changeAssignment = assignmentUseCase(deed, {
  async run({ version, fields }, { assignment, inClass }, { database, personId, now }) {
    const { due, ...others } = fields;
    if (!audiencesUpTo(inClass.ceiling).includes(fields.audience))
      return refused('assignment.tooWide', 'audience');
    const crossed = fields.requirements.findIndex(limitsCross);
    if (crossed >= 0) return refused('assignment.limitsCross', `requirements.${crossed}`);
    // Whoever read the draft with its name knows the hand-in again.
    if (fields.hidesNames && fields.draftsOpen) return refused('assignment.namesOfDrafts', 'draftsOpen');
    if (fields.growing && assignment.series) return refused('assignment.growsInSeries', 'growing');
    const wrong = fields.growing ? wrongStep(fields.growing, fields) : null;
    if (wrong) return refused(`assignment.step.${wrong.fault}`, wrong.field);
    const changed: AssignmentRow = {
      ...assignment,
      ...others,
      dueAt: due === null ? null : new Date(instantOf(due, inClass.timeZone)),
      version: version + 1,
    };
    const unfit = unfitDocument(changed);
    if (unfit) return refused('assignment.notADocument', unfit);
    const taken = await updateAssignment(database, changed, version);
    if (taken !== 1) return refused('assignment.changedMeanwhile');
    await noteWhatComesWith(database, changed.id, { ...comesWith(changed), by: personId });
    await spreadChange(database, { assignment: changed, inClass }, { personId, now });
    return done({ version: changed.version });
  },
});

/** The field whose document is none of our schema, or null. */
function unfitDocument({ instructions, model }: LessonText): string | null {
  if (!maybeOpenDocument(instructions).ok) return 'instructions';
  return model && !maybeOpenDocument(model.body).ok ? 'model' : null;
}
