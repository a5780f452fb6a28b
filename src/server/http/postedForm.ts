import { showPassphrase } from '../../contract/forms/showPassphrase';
import { tellWorry } from '../../contract/forms/tellWorry';
import { PLAIN_DEEDS } from '../../contract/plainDeeds';
import { inputFromForm } from '../../contract/plainForm';
import type { Told } from '../../core/safety/told';
import { showPassphrase as answerPassphrase } from '../deeds/passphrases/showPassphrase';
import { endSession } from '../deeds/sessions/session';
import { tellWorry as answerWorry } from '../deeds/worries/tellWorry';
import { perform } from '../ground/access/perform';
import type { Reader } from '../ground/access/reader';
import { done, NOT_THERE, refused, type Result } from '../ground/access/useCase';
import { findUseCase } from '../useCases';
import { outcomeOf } from './answer';
import { bodyOf } from './body';
import { addressOf, currentToken, dropToken, isSameOrigin, keepDevice } from './request';

/** Far more than a form takes: what is too long for its field comes back to it with why, and is not lost. */
const MOST_FORM = 1024 * 1024;

/** The page that a form was posted to. */
export interface ReadersPlace {
  readonly blog: string;
  /** Of a post or a page; null for the front page. */
  readonly address: string | null;
}

/** What was posted to a page, and what came of it. */
export interface Posted {
  readonly does: string;
  readonly typed: Readonly<Record<string, string>>;
  readonly result: Result<unknown>;
  /** What came of telling a worry; null for everything else. */
  readonly told: Told | null;
}

/** Does what a plain form asks. What was not done comes back with what was typed. */
export async function doPosted(request: Request, place: ReadersPlace, reader: Reader): Promise<Posted> {
  if (!isSameOrigin(request)) return unread(refused('otherOrigin'));
  const body = await bodyOf(request, MOST_FORM);
  if (!body.ok)
    return unread(
      body.problem === 'cutOff' ? refused('input.cutOff') : refused('input.tooLarge', undefined, { most: 1 }),
    );
  // Of a field that comes twice the last one counts.
  const fields = Object.fromEntries(new URLSearchParams(body.content.toString('utf8')));
  const { does = '', ...typed } = fields;
  let told: Told | null = null;
  const result = await outcomeOf(async () => {
    if (does !== 'tellWorry') return doOne(does, { ...typed, ...placed(place) }, { request, reader });
    const answered = await answerWorry(inputFromForm(tellWorry.input, { ...typed, ...placed(place) }), {
      reader,
      address: addressOf(request),
      now: new Date(),
    });
    if (answered.ok) told = answered.value;
    return answered;
  });
  return { does, typed, result, told };
}

function unread(result: Result<unknown>): Posted {
  return { does: '', typed: {}, result, told: null };
}

/** Where the page is, as doors ask for it. */
function placed({ blog, address }: ReadersPlace): Readonly<Record<string, string>> {
  return { blog, post: address ?? '' };
}

async function doOne(
  does: string,
  fields: Readonly<Record<string, string>>,
  { request, reader }: { readonly request: Request; readonly reader: Reader },
): Promise<Result<unknown>> {
  const now = new Date();
  if (does === 'signOut') {
    const token = await currentToken();
    if (token) await endSession(token);
    await dropToken();
    return done(null);
  }
  if (does === 'showPassphrase')
    return answerPassphrase(inputFromForm(showPassphrase.input, fields), {
      device: await keepDevice(),
      address: addressOf(request),
      now,
    });
  if (!Object.hasOwn(PLAIN_DEEDS, does)) return NOT_THERE;
  const useCase = findUseCase(does);
  if (!useCase) return NOT_THERE;
  if (reader.personId === null) return refused('signedOut');
  const { input } = PLAIN_DEEDS[does as keyof typeof PLAIN_DEEDS];
  return perform(useCase, inputFromForm(input, fields), { personId: reader.personId, now });
}
