import { column } from '../input/column';

/** What each kind of job is told; it is kept as text until the job is done. */
export interface JobPayloads {
  readonly sendMail: { readonly to: string; readonly subject: string; readonly text: string };
  readonly completeHandIn: {
    readonly handInId: string;
    /** How often it was tried before, for addresses that could not be reached. */
    readonly round: number;
  };
  readonly openRepetition: { readonly assignmentId: string };
  readonly openPlanned: { readonly postId: string };
  readonly drawPeers: { readonly assignmentId: string };
  readonly takePeerTexts: { readonly roundId: string };
  readonly carryOut: { readonly postId: string };
  readonly erasePerson: { readonly personId: string };
  readonly eraseClass: { readonly classId: string };
  readonly eraseAssignment: { readonly assignmentId: string };
  readonly indexClass: { readonly classId: string };
  readonly applyRetention: null;
  readonly tidyFiles: null;
  readonly renewReaders: null;
  readonly tidySearch: null;
  readonly sendDigests: null;
}

export type JobKind = keyof JobPayloads;

const id = { type: 'string', maxLength: 16 } as const;
const text = { type: 'string' } as const;
const withAll = (properties: Readonly<Record<string, object>>) => ({
  type: 'object',
  required: Object.keys(properties),
  additionalProperties: false,
  properties,
});
const NOTHING = { type: 'null' } as const;

/** How the payload of each kind is read again. */
export const PAYLOADS: { readonly [Kind in JobKind]: (stored: string) => JobPayloads[Kind] } = {
  sendMail: column('mail', withAll({ to: text, subject: text, text })),
  completeHandIn: column('hand-in', withAll({ handInId: id, round: { type: 'integer', minimum: 0 } })),
  openRepetition: column('repetition', withAll({ assignmentId: id })),
  openPlanned: column('planned opening', withAll({ postId: id })),
  drawPeers: column('groups', withAll({ assignmentId: id })),
  takePeerTexts: column('round', withAll({ roundId: id })),
  carryOut: column('decision', withAll({ postId: id })),
  erasePerson: column('person', withAll({ personId: id })),
  eraseClass: column('class', withAll({ classId: id })),
  eraseAssignment: column('assignment', withAll({ assignmentId: id })),
  indexClass: column('class', withAll({ classId: id })),
  applyRetention: column('retention', NOTHING),
  tidyFiles: column('tidying', NOTHING),
  renewReaders: column('readers', NOTHING),
  tidySearch: column('search', NOTHING),
  sendDigests: column('digests', NOTHING),
};

/** What somebody waits for: it is not kept waiting by anything that takes long, such as addresses that do not answer. */
export const PROMPT = [
  'carryOut',
  'openPlanned',
  'drawPeers',
  'takePeerTexts',
] as const satisfies readonly JobKind[];

/** What is done once a day, however many processes there are. */
export const DAILY = [
  'applyRetention',
  'tidyFiles',
  'renewReaders',
  'tidySearch',
  'sendDigests',
] as const satisfies readonly JobKind[];
export type DailyJob = (typeof DAILY)[number];

/** Does a job of a kind. It may be run twice for the same job. */
export type JobHandler<Kind extends JobKind> = (
  payload: JobPayloads[Kind],
  jobId: string,
  now: Date,
) => Promise<void>;
