import { PAYLOADS, type JobHandler, type JobKind } from '../../ground/jobs/kinds';
import { applyRetention } from './applyRetention';
import { carryOut } from './carryOut';
import { completeHandIn } from './completeHandIn';
import { drawPeers, takePeerTexts } from './drawPeers';
import { eraseAssignment } from './eraseAssignment';
import { eraseClass } from './eraseClass';
import { erasePerson } from './erasePerson';
import { indexClass } from './indexClass';
import { openPlanned } from './openPlanned';
import { openRepetition } from './openRepetition';
import { renewReaders } from './renewReaders';
import { sendDigests } from './sendDigests';
import { sendMail } from './sendMail';
import { tidyFiles } from './tidyFiles';
import { tidySearch } from './tidySearch';

/** Does a job of what is stored of it. */
type Doing = (stored: string, jobId: string, now: Date) => Promise<void>;

/** The work that is done beside the requests, by its kind. A handler may be run twice for the same job. */
export const HANDLERS: Readonly<Record<JobKind, Doing>> = {
  sendMail: given('sendMail', sendMail),
  erasePerson: given('erasePerson', erasePerson),
  eraseClass: given('eraseClass', eraseClass),
  eraseAssignment: given('eraseAssignment', eraseAssignment),
  indexClass: given('indexClass', indexClass),
  applyRetention: given('applyRetention', applyRetention),
  tidyFiles: given('tidyFiles', tidyFiles),
  renewReaders: given('renewReaders', renewReaders),
  tidySearch: given('tidySearch', tidySearch),
  sendDigests: given('sendDigests', sendDigests),
  completeHandIn: given('completeHandIn', completeHandIn),
  openRepetition: given('openRepetition', openRepetition),
  openPlanned: given('openPlanned', openPlanned),
  drawPeers: given('drawPeers', drawPeers),
  takePeerTexts: given('takePeerTexts', takePeerTexts),
  carryOut: given('carryOut', carryOut),
};

/** A handler that is given what its kind of job is told, read and checked. */
function given<Kind extends JobKind>(kind: Kind, handler: JobHandler<Kind>): Doing {
  return (stored, jobId, now) => handler(PAYLOADS[kind](stored), jobId, now);
}
