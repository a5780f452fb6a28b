import { randomBytes } from 'node:crypto';
import type { Result } from '../access/useCase';
import { log } from '../logging/log';
import { isSameOrigin } from './request';

const MOST_JSON = 2 * 1024 * 1024;

/** A refusal as an HTTP status; everything that is not listed is the sender's input. */
const STATUS: Readonly<Record<string, number>> = {
  notThere: 404,
  signedOut: 401,
  'signIn.tooMany': 429,
  'post.changedMeanwhile': 409,
  'assignment.changedMeanwhile': 409,
  'review.newerHandIn': 409,
};

/** Answers a writing request with JSON: the value, or the refusal with its code. An unexpected error is logged under an id that the person sees. */
export async function answer(request: Request, work: () => Promise<Result<unknown>>): Promise<Response> {
  if (!isSameOrigin(request)) return Response.json({ ok: false, code: 'otherOrigin' }, { status: 403 });
  try {
    const result = await work();
    return Response.json(result, { status: result.ok ? 200 : (STATUS[result.code] ?? 422) });
  } catch (error) {
    const id = randomBytes(4).toString('hex');
    log().error({
      id,
      error: error instanceof Error ? { name: error.name, stack: error.stack } : typeof error,
    });
    return Response.json({ ok: false, code: 'unexpected', values: { id } }, { status: 500 });
  }
}

/** The JSON of a request's body, or null where it is none or far too long. */
export async function jsonOf(request: Request): Promise<unknown> {
  const text = await request.text();
  if (text.length > MOST_JSON) return null;
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}
