import { done, refused, type Result } from '../../ground/access/useCase';
import { busyInstead } from './busyInstead';

/** What a deed is done with; refused where its figures cannot be made now. */
export async function inTime<Made>(making: Promise<Made>): Promise<Result<Made>> {
  const made = await busyInstead(making);
  return made === 'busy' ? refused('sameMoment') : done(made as Made);
}
