import type { JobHandler, JobKind } from '../../ground/jobs/kinds';
import { applyRetention } from './applyRetention';
import { completeHandIn } from './completeHandIn';
import { eraseClass } from './eraseClass';
import { erasePerson } from './erasePerson';
import { openRepetition } from './openRepetition';
import { sendMail } from './sendMail';
import { tidyFiles } from './tidyFiles';

/** The work that is done beside the requests, by its kind. A handler may be run twice for the same job. */
export const HANDLERS = {
  sendMail,
  erasePerson,
  eraseClass,
  applyRetention,
  tidyFiles,
  completeHandIn,
  openRepetition,
} as const satisfies { readonly [Kind in JobKind]: JobHandler<Kind> };
