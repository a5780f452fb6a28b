import { adjustmentFields, type Adjustment } from '../../core/assignments/adjustment';
import type { AssignmentSettings } from '../../core/assignments/assignmentSettings';
import { growingSchema, type Growing } from '../../core/assignments/growing';
import { rubricSchema } from '../../core/assignments/rubric';
import { seriesSchema, type SeriesRule } from '../../core/assignments/series';
import { promptFields } from '../../core/assignments/starters';
import {
  commentRulesFields,
  waitingSchema,
  type CommentRules,
  type Waiting,
} from '../../core/comments/rules';
import { awayRuleFields, type Absence, type AwayRule } from '../../core/classes/absences';
import { deskRuleFields, type DeskRules } from '../../core/classes/deskRules';
import { schoolYearFields, type SchoolYear } from '../../core/classes/schoolYear';
import { openDocument, type DocumentJson } from '../../core/document/openDocument';
import { marksSetupFields, type MarksSetup } from '../../core/gradebook/marksFile';
import { rulesFields, type GradebookRules } from '../../core/gradebook/rules';
import type { StandingCell } from '../../core/gradebook/terms';
import type { Grade } from '../../core/grading/grade';
import { lateRuleSchema, type LateRule } from '../../core/grading/gradeInput';
import { anchorSchema, type Anchor } from '../../core/notes/anchor';
import { besideSchema, type Beside } from '../../core/posts/beside';
import type { DetailKind } from '../../core/personal/found';
import type { RevisionCopy } from '../../core/posts/revisionCopy';
import { CONSENT_PURPOSES, type Consent, type ConsentPurpose } from '../../core/privacy/consent';
import type { Answer, RequirementState, UnknownReason } from '../../core/requirements/answer';
import type { Counted } from '../../core/requirements/counted';
import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { SLATS, type Slat } from '../../core/requirements/slats';
import { column, maybe } from '../ground/input/column';
import type { ShownTitle } from './pageRevisions';

const text = { type: 'string' } as const;
const number = { type: 'number' } as const;
const texts = { type: 'array', items: text } as const;

/** An object with at least these properties. */
const withAll = (properties: Readonly<Record<string, object>>) => ({
  type: 'object',
  required: Object.keys(properties),
  properties,
});

/** Names of labels, or words, one after the other. */
export const textsFrom = column<readonly string[]>('texts', texts);

const documentSchema = {
  type: 'object',
  required: ['type'],
  properties: { type: { const: 'doc' } },
} as const;

/** A document as it is sent. What it holds is checked where it is opened. */
export const documentFrom = column<DocumentJson>('document', documentSchema);

/** Who reads a post a second time; of a column that is no JSON of its own a truth comes as 0 or 1. */
export const secondReaderColumn = column<{ readonly readerId: string; readonly done: boolean | number }>(
  'second reader',
  withAll({ readerId: text, done: { type: ['boolean', 'number'] } }),
);

const countedLists = column<
  readonly [
    ids: readonly string[] | null,
    kinds: readonly string[],
    states: readonly RequirementState[],
    reasons: readonly (UnknownReason | null)[],
    shares: readonly number[],
    earned: readonly number[],
    possible: readonly number[],
  ]
>('counted', { type: 'array', minItems: 7, maxItems: 7, items: { type: ['array', 'null'] } });

/** What of the evidence of a hand-in figures are made of: it is kept as lists that stand side by side, null where nothing is asked. */
export function countedFrom(stored: string): Counted {
  const [ids, kinds, states, reasons, shares, earned, possible] = countedLists(stored);
  return {
    requirements: (ids ?? []).map((id, at) => ({
      id,
      kind: kinds[at]!,
      state: states[at]!,
      reason: reasons[at]!,
      share: shares[at]!,
      earned: earned[at]!,
      possible: possible[at]!,
    })),
  };
}

/** The parts of a gradebook that are JSON. */
export const gradebookColumns = {
  bands: column<GradebookRules['bands']>('bands', rulesFields.bands),
};

export const marksColumns = {
  setup: column<MarksSetup>('set-up of marks', withAll(marksSetupFields)),
  marks: column<Readonly<Record<string, string | null>>>('marks', {
    type: 'object',
    additionalProperties: { type: ['string', 'null'] },
  }),
};

export const termColumns = {
  rules: column<GradebookRules>('rules', withAll(rulesFields)),
  titles: column<Readonly<Record<string, string>>>('titles', { type: 'object', additionalProperties: text }),
  cells: column<readonly StandingCell[]>('standing cells', {
    type: 'array',
    items: withAll({ columnId: text, possible: number }),
  }),
};

/** Levels by criterion. */
export const levelsFrom = column<Readonly<Record<string, number>>>('levels', {
  type: 'object',
  additionalProperties: number,
});

/** A document to read. @throws RangeError where it does not check */
export const openStored = (stored: string) => openDocument(documentFrom(stored));

export const besideFrom = column<Partial<Beside>>('beside', { ...besideSchema, required: [] });

export const coverFrom = maybe(
  column<NonNullable<Beside['cover']>>('cover', withAll({ src: text, description: text })),
);

export const headingsFrom = column<RevisionCopy['headings']>('headings', {
  type: 'array',
  items: withAll({ id: text, text }),
});

export const documentsFrom = column<RevisionCopy['documents']>('documents', {
  type: 'array',
  items: withAll({ address: text, title: text }),
});

/** The passage that a note belongs to. */
export const anchorFrom = maybe(column<Anchor>('anchor', anchorSchema));

export const slatsFrom = column<readonly Slat[]>('slats', { type: 'array', items: { enum: SLATS } });

export const detailsFrom = column<readonly { readonly kind: DetailKind; readonly key: string }[]>('details', {
  type: 'array',
  items: withAll({ kind: text, key: text }),
});

export const evidenceFrom = column<Answer>(
  'evidence',
  withAll({
    ready: { type: 'boolean' },
    required: withAll({ met: number, of: number }),
    points: withAll({ earned: number, possible: number, bonus: number }),
    provisional: { type: 'boolean' },
    requirements: {
      type: 'array',
      items: withAll({
        id: text,
        kind: text,
        state: { enum: ['met', 'partly', 'unmet', 'over', 'unknown'] },
        target: { type: 'object' },
        share: number,
        earned: number,
        possible: number,
        message: withAll({ key: text, values: { type: 'object' } }),
        places: { type: 'array' },
      }),
    },
  }),
);

export const gradeFrom = column<Grade>(
  'grade',
  withAll({
    grade: number,
    computed: number,
    possible: number,
    provisional: { type: 'boolean' },
    daysLate: number,
    deduction: number,
    bonus: number,
    lines: { type: 'array', items: withAll({ kind: text }) },
  }),
);

/** What a teacher decided about an assignment, column by column. */
export const assignmentColumns = {
  model: maybe(
    column<NonNullable<AssignmentSettings['model']>>('model', withAll({ title: text, body: documentSchema })),
  ),
  starters: column<AssignmentSettings['starters']>('starters', promptFields.starters),
  requirements: column<readonly Requirement[]>('requirements', { type: 'array', items: requirementSchema }),
  rubric: column<AssignmentSettings['rubric']>('rubric', rubricSchema),
  lateRule: column<LateRule>('late rule', lateRuleSchema),
  series: maybe(column<SeriesRule>('series', seriesSchema)),
  growing: maybe(column<Growing>('growing', growingSchema)),
};

/** What is asked of one student otherwise, column by column. */
export const adjustmentColumns = {
  leftOut: column<Adjustment['leftOut']>('left out', adjustmentFields.leftOut),
  limits: column<Adjustment['limits']>('limits', adjustmentFields.limits),
};

/** What a class decided, column by column. */
export const classColumns = {
  desk: column<Partial<DeskRules>>('desk rules', { type: 'object', properties: deskRuleFields }),
  comments: column<Partial<CommentRules>>('comment rules', {
    type: 'object',
    properties: commentRulesFields,
  }),
  away: column<Partial<AwayRule>>('away rule', { type: 'object', properties: awayRuleFields }),
  terms: column<SchoolYear['terms']>('terms', schoolYearFields.terms),
  holidays: column<SchoolYear['holidays']>('holidays', schoolYearFields.holidays),
  schoolDays: column<SchoolYear['schoolDays']>('days of school', schoolYearFields.schoolDays),
};

/** Why a comment waited. */
export const waitingFrom = column<readonly Waiting[]>('why a comment waits', waitingSchema);

/** When somebody is away, as a list of first and last days. */
export const absencesFrom = column<readonly Absence[]>('absences', {
  type: 'array',
  items: {
    type: 'object',
    required: ['from', 'to'],
    properties: { from: { type: 'string', format: 'date' }, to: { type: 'string', format: 'date' } },
  },
});

/** Consents as a query puts them together; of what is no JSON of its own a truth comes as 0 or 1. */
export const consentsFrom = column<
  readonly (Omit<Consent, 'withdrawn'> & { readonly withdrawn: number | boolean })[]
>('consents', {
  type: 'array',
  items: withAll({
    purposes: { type: 'array', items: { enum: CONSENT_PURPOSES } },
    givenOn: text,
    until: { type: ['string', 'null'] },
    withdrawn: { type: ['number', 'boolean'] },
  }),
});

/** Pages of a blog as a query puts them together. */
export const titlesFrom = column<readonly ShownTitle[]>('pages', {
  type: 'array',
  items: withAll({ pageId: text, address: text, audience: text, title: text }),
});

export const purposesFrom = column<readonly ConsentPurpose[]>('purposes', {
  type: 'array',
  items: { enum: CONSENT_PURPOSES },
});

/** Classes by name, as a query puts them together. */
export const classesFrom = column<readonly { readonly id: string; readonly title: string }[]>('classes', {
  type: 'array',
  items: withAll({ id: text, title: text }),
});
