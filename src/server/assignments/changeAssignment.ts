import { AUDIENCES, audiencesUpTo } from '../../core/access/audience';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { growingSchema, wrongStep } from '../../core/assignments/growing';
import { comesWith, type LessonText } from '../../core/assignments/lessonText';
import { rubricSchema } from '../../core/assignments/rubric';
import { promptFields } from '../../core/assignments/starters';
import { maybeOpenDocument } from '../../core/document/openDocument';
import { lateRuleSchema } from '../../core/grading/gradeInput';
import { RELEASES } from '../../core/posts/release';
import { limitsCross } from '../../core/requirements/limitsCross';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { instantOf } from '../../core/timing/zonedTime';
import { done, refused } from '../access/useCase';
import { assignmentUseCase } from './assignmentUseCase';
import { noteWhatComesWith } from '../handouts/queries';
import { spreadChange } from './spreadChange';
import { updateAssignment, type AssignmentRow } from './queries';

const documentJson = { type: 'object' } as const;

const modelSchema = {
  anyOf: [
    {
      type: 'object',
      required: ['title', 'body'],
      additionalProperties: false,
      properties: { title: { type: 'string', maxLength: 300 }, body: documentJson },
    },
    { type: 'null' },
  ],
} as const;

interface Input {
  readonly assignmentId: string;
  /** The version that the changes were made on. */
  readonly version: number;
  readonly fields: AssignmentDraft;
}

/** Writes what a teacher changed in an assignment, unless a co-teacher changed it meanwhile. */
export const changeAssignment = assignmentUseCase<Input, { readonly version: number }>({
  name: 'changeAssignment',
  fields: {
    version: { type: 'integer', minimum: 1 },
    fields: {
      type: 'object',
      additionalProperties: false,
      required: [
        'number',
        'title',
        'instructions',
        'due',
        'requirements',
        'rubric',
        'lateRule',
        'audience',
        'release',
        'missing',
        'draftsOpen',
      ],
      properties: {
        number: { type: 'integer', minimum: 0, maximum: 999 },
        title: { type: 'string', maxLength: 200 },
        instructions: documentJson,
        model: modelSchema,
        due: maybeLocalMinuteSchema,
        ...promptFields,
        requirements: { type: 'array', maxItems: 40, items: requirementSchema },
        rubric: rubricSchema,
        lateRule: lateRuleSchema,
        audience: { enum: AUDIENCES },
        release: { enum: RELEASES },
        missing: { enum: ['warns', 'stops'] },
        draftsOpen: { type: 'boolean' },
        pictureWidth: { type: 'integer', minimum: 15, maximum: 100 },
        growing: growingSchema,
      },
    },
  },
  async run({ version, fields }, { assignment, inClass }, { database, personId, now }) {
    const { due, ...others } = fields;
    if (!audiencesUpTo(inClass.ceiling).includes(fields.audience))
      return refused('assignment.tooWide', 'audience');
    const crossed = fields.requirements.findIndex(limitsCross);
    if (crossed >= 0) return refused('assignment.limitsCross', `requirements.${crossed}`);
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
