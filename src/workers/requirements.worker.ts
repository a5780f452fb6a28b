import { documentReader } from '../core/document/documentReader';
import { evaluate } from '../core/requirements/evaluate';
import { makeSpeller, type Dictionary } from '../core/spelling/speller';
import type { Asked, Answered } from './requirementsMessages';

// The types of a worker's own world would clash with those of pages; this is all that is used of it.
interface Worker {
  onmessage: ((event: { readonly data: Asked }) => void) | null;
  postMessage(answered: Answered): void;
}
const worker = self as unknown as Worker;

/** Spellers by the name of their dictionary: undefined while one is being fetched and read. */
const spellers = new Map<string, ReturnType<typeof makeSpeller> | undefined>();
const read = documentReader();
let latest: Asked | null = null;

worker.onmessage = ({ data }) => {
  latest = data;
  answer(data);
  if (data.dictionary !== null && !spellers.has(data.dictionary)) void fetchSpeller(data.dictionary);
};

function answer({ turn, assignment, post, dictionary }: Asked): void {
  const speller = dictionary === null ? null : spellers.get(dictionary);
  const body = read(post.body);
  worker.postMessage({
    turn,
    answer: evaluate(assignment, { ...post, body, ...(speller === undefined ? {} : { speller }) }),
  });
}

/** Once it is there, the latest writing is answered again, with its spelling. */
async function fetchSpeller(name: string): Promise<void> {
  spellers.set(name, undefined);
  const response = await fetch(`/api/dictionary/${name}`);
  if (!response.ok) return;
  spellers.set(name, makeSpeller((await response.json()) as Dictionary));
  if (latest) answer(latest);
}
