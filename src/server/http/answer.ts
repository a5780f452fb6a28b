import type { FileDoor } from '../../contract/fileDoor';
import { refused, type Progress, type Refusal, type Result } from '../ground/access/useCase';
import { isNoRoom } from '../ground/database/errors';
import { isRoomFor } from '../ground/storage/room';
import { log } from '../ground/logging/log';
import { bodyOf } from './body';
import { isSameOrigin } from './request';
import { logUnexpected } from './unexpected';

const MEGABYTE = 1024 * 1024;
const MOST_JSON = 4 * MEGABYTE;
const LINES = 'application/x-ndjson';

/** A refusal as an HTTP status; everything that is not listed is the sender's input. */
const STATUS: Readonly<Record<string, number>> = {
  notThere: 404,
  signedOut: 401,
  otherOrigin: 403,
  'signIn.tooMany': 429,
  'post.changedMeanwhile': 409,
  'assignment.changedMeanwhile': 409,
  'page.changedMeanwhile': 409,
  'input.tooLarge': 413,
  'review.newerHandIn': 409,
  sameMoment: 409,
  noRoom: 507,
  'signIn.slowly': 429,
  'account.slowly': 429,
};

/** Answers are for who asked, now; no search engine lists them. The server adds what all answers carry. */
export const HEADERS = { 'cache-control': 'no-store', 'x-robots-tag': 'noindex, nofollow' };

type Work = (progress: Progress) => Promise<Result<unknown>>;

/**
 * Answers a writing request with JSON: the value, or the refusal with its code. Whoever asks for lines gets a line of
 * JSON for each report of progress first; work that nobody waits for any more is finished all the same.
 */
export async function answer(request: Request, work: Work): Promise<Response> {
  if (!isSameOrigin(request))
    return Response.json({ ok: false, code: 'otherOrigin' }, { status: 403, headers: HEADERS });
  const refusal = await maybeNotTaken(request);
  if (request.headers.get('accept') === LINES && !refusal) return inLines(work);
  const result = refusal ?? (await outcomeOf(work));
  return Response.json(result, { status: statusOf(result), headers: HEADERS });
}

/** Why what is sent is not even looked at, or null. */
async function maybeNotTaken(request: Request): Promise<Refusal | null> {
  if (isTooLarge(request)) return refused('input.tooLarge', undefined, { most: MOST_JSON / MEGABYTE });
  const length = request.headers.get('content-length');
  return (await isRoomFor(length === null ? null : Number(length))) ? null : noRoom();
}

function noRoom(): Refusal {
  log().error({ noRoom: true });
  return refused('noRoom');
}

/** Files have limits of their own; JSON is what was typed. */
function isTooLarge({ headers }: Request): boolean {
  return (
    headers.get('content-type') === 'application/json' && Number(headers.get('content-length')) > MOST_JSON
  );
}

export function statusOf(result: Result<unknown>): number {
  if (result.ok) return 200;
  return result.code === 'unexpected' ? 500 : (STATUS[result.code] ?? 422);
}

/** An unexpected error is logged under an id that the person sees. */
export async function outcomeOf(work: Work, progress: Progress = () => undefined): Promise<Result<unknown>> {
  try {
    return await work(progress);
  } catch (error) {
    if (isNoRoom(error)) return noRoom();
    return { ok: false, code: 'unexpected', values: { id: logUnexpected(error) } };
  }
}

function inLines(work: Work): Response {
  let left = false;
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      const send = (line: unknown) => {
        if (!left) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
      };
      send(await outcomeOf(work, (done, of) => send({ progress: { done, of } })));
      if (!left) controller.close();
    },
    cancel() {
      left = true;
    },
  });
  return new Response(body, { headers: { ...HEADERS, 'content-type': LINES } });
}

/** The JSON of a request's body, or null where it is none or far too long. */
export async function jsonOf(request: Request): Promise<unknown> {
  const body = await bodyOf(request, MOST_JSON);
  if (!body.ok) return null;
  try {
    return JSON.parse(body.content.toString('utf8')) as unknown;
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}

/** The file that a request sends to a door, at most so many bytes as it takes; or why it is not taken. */
export async function fileOf(
  request: Request,
  { most, refusals }: Pick<FileDoor<unknown, unknown>, 'most' | 'refusals'>,
): Promise<Result<Buffer>> {
  const body = await bodyOf(request, most);
  if (body.ok) return { ok: true, value: body.content };
  if (body.problem === 'cutOff') return refused('input.cutOff', 'file');
  return refused(`${refusals}.tooLarge`, 'file', { most: most / MEGABYTE });
}
