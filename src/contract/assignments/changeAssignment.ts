import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { promptFields } from '../../core/assignments/starters';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { rubricSchema } from '../../core/assignments/rubric';
import { lateRuleSchema } from '../../core/grading/gradeInput';
import { AUDIENCES } from '../../core/access/audience';
import { RELEASES } from '../../core/posts/release';
import { growingSchema } from '../../core/assignments/growing';
import { deed } from '../deed';
import { schemaOf } from '../input';

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

/** Writes what a teacher changed in an assignment, unless a co-teacher changed it meanwhile. */
export const changeAssignment = deed({
  name: 'changeAssignment',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    /** The version that the changes were made on. */
    version: { type: 'integer', minimum: 1 },
    fields: schemaOf<AssignmentDraft>({
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
        'hidesNames',
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
        hidesNames: { type: 'boolean' },
        pictureWidth: { type: 'integer', minimum: 15, maximum: 100 },
        growing: growingSchema,
      },
    }),
  },
}).answers<{ readonly version: number }>();
