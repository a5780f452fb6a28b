import { documentReader } from '../core/document/documentReader';
import { evaluate } from '../core/requirements/evaluate';
import type { Dictionary, SuggestingSpeller } from '../core/spelling/speller';
import { unknownWords } from '../core/spelling/unknownWords';
import { keepSame } from './keepSame';
import type { Answered, Asked, SuggestionAsked } from './requirementsMessages';

// The types of a worker's own world would clash with those of pages; this is all that is used of it.
interface Worker {
  onmessage: ((event: { readonly data: Asked | SuggestionAsked }) => void) | null;
  postMessage(answered: Answered): void;
}
const worker = self as unknown as Worker;

const MOST_SUGGESTIONS = 5;

/** Spellers by the name of their dictionary: undefined while one is being fetched and read. */
const spellers = new Map<string, SuggestingSpeller | undefined>();
const read = documentReader();
const keepAssignment = keepSame<Asked['assignment']>();
/** For each part of a post beside its body, what exchanges it for the one before. */
const keepParts = new Map<string, (part: unknown) => unknown>();
let latest: Asked | null = null;

worker.onmessage = ({ data }) => {
  if (data.kind === 'suggest') {
    const words = spellers.get(data.dictionary)?.suggest(data.word).slice(0, MOST_SUGGESTIONS) ?? [];
    return worker.postMessage({ kind: 'suggest', turn: data.turn, words });
  }
  latest = data;
  answer(data);
  if (data.dictionary !== null && !spellers.has(data.dictionary)) void fetchSpeller(data.dictionary);
  return undefined;
};

/** A post as it was sent, with the very things of the one before where they read alike. */
function kept({ body, ...parts }: Asked['post']): Asked['post'] {
  const same = Object.entries(parts).map(([name, part]) => [name, keeperOf(name)(part)]);
  return { body, ...(Object.fromEntries(same) as typeof parts) };
}

function keeperOf(name: string): (part: unknown) => unknown {
  const keeper = keepParts.get(name) ?? keepSame<unknown>();
  keepParts.set(name, keeper);
  return keeper;
}

function answer({ turn, assignment: sent, post: sentPost, dictionary }: Asked): void {
  const assignment = keepAssignment(sent);
  const post = kept(sentPost);
  const speller = dictionary === null ? null : spellers.get(dictionary);
  const body = read(post.body);
  const unknown = speller
    ? unknownWords(body, { speller, classWords: post.classWords ?? [], outline: assignment.outline })
    : [];
  worker.postMessage({
    kind: 'answer',
    turn,
    answer: evaluate(assignment, { ...post, body, ...(speller === undefined ? {} : { speller }) }),
    unknown: unknown.flatMap((word) => word.places),
  });
}

/** Once it is there, the latest writing is answered again, with its spelling. */
async function fetchSpeller(name: string): Promise<void> {
  spellers.set(name, undefined);
  const [dictionary, program] = await Promise.all([fetch(`/api/dictionary/${name}`), fetch('/api/speller')]);
  if (!dictionary.ok || !program.ok) return;
  // It is a third of what the worker is, and only some assignments and classes spell.
  const { makeSpeller } = await import('./makeSpeller');
  spellers.set(name, await makeSpeller((await dictionary.json()) as Dictionary, await program.arrayBuffer()));
  if (latest) answer(latest);
}
