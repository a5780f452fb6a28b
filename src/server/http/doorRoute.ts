import type { FileDoor } from '../../contract/fileDoor';
import { inputCheckOf } from '../ground/access/checkInput';
import type { Result } from '../ground/access/useCase';
import { answer, fileOf, jsonOf } from './answer';
import { currentSession } from './request';

/** Whoever is signed in and asks, and when. */
export interface Asker {
  readonly personId: string;
  readonly now: Date;
}

type Route = (request: Request) => Promise<Response>;

/** Answers at a door for who is signed in. What is sent is checked by what answers it. */
export function doorRoute(run: (input: unknown, asker: Asker) => Promise<Result<unknown>>): Route {
  return (request) =>
    answer(request, async () => {
      const asker = await currentAsker();
      return asker ? run(await jsonOf(request), asker) : { ok: false, code: 'signedOut' };
    });
}

/** Answers at a door for files. Nothing of the file is read before what it is for is right. */
export function fileRoute<Input extends object, Output>(
  door: FileDoor<Input, Output>,
  run: (input: Input & { readonly file: Buffer }, asker: Asker) => Promise<Result<Output>>,
): Route {
  const check = inputCheckOf<Input>(door.input);
  return (request) =>
    answer(request, async () => {
      const asker = await currentAsker();
      if (!asker) return { ok: false, code: 'signedOut' };
      const checked = check(Object.fromEntries(new URL(request.url).searchParams));
      if (!checked.ok) return checked;
      const sent = await fileOf(request, door);
      return sent.ok ? run({ ...checked.value, file: sent.value }, asker) : sent;
    });
}

async function currentAsker(): Promise<Asker | null> {
  const session = await currentSession();
  return session && { personId: session.person.id, now: new Date() };
}
