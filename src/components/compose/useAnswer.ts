'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { documentSchema } from '../../core/document/schema';
import type { Answer } from '../../core/requirements/answer';
import type { OpenResult } from '../../core/requirements/post';
import { asksFor } from '../../core/requirements/requirement';
import { dictionaryName } from '../../core/spelling/speller';
import type { Answered, Asked, Stretch } from '../../workers/requirementsMessages';
import type { ComposeProps, Writing } from './composeProps';

/** The railing follows the writer after a pause as short as this, in milliseconds: never a letter late. */
const PAUSE = 60;

interface Question {
  readonly assignment: ComposeProps['assignment'];
  readonly writing: Writing;
  readonly hashes: Readonly<Record<string, string>>;
  readonly openResults: Readonly<Record<string, OpenResult>>;
  readonly classWords: readonly string[];
  /** Whether words that no dictionary knows are to be found, whatever the assignment asks. */
  readonly spelt: boolean;
}

/** Where words stand that no dictionary knows, in the text that was looked at. */
export interface Misspelt {
  readonly body: DocumentJson;
  readonly places: readonly Stretch[];
}

export interface Answering {
  /** Null until it was measured for the first time. */
  readonly answer: Answer | null;
  readonly misspelt: Misspelt | null;
  /** What might have been meant by a word, the likeliest first. */
  readonly suggest: (word: string) => Promise<readonly string[]>;
}

/** How a writing stands, measured in a worker so that typing never waits for it. */
export function useAnswer(question: Question): Answering {
  const { assignment, writing, hashes, openResults, classWords, spelt } = question;
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [misspelt, setMisspelt] = useState<Misspelt | null>(null);
  const worker = useRef<Worker | null>(null);
  const turn = useRef(0);
  const asking = useRef<DocumentJson>(writing.body);
  const latest = useRef<Asked | null>(null);
  const suggesting = useRef(new Map<number, (words: readonly string[]) => void>());
  useEffect(() => {
    const made = new Worker(new URL('../../workers/requirements.worker.ts', import.meta.url), {
      type: 'module',
    });
    made.onmessage = ({ data }: MessageEvent<Answered>) => {
      if (data.kind === 'suggest') {
        suggesting.current.get(data.turn)?.(data.words);
        suggesting.current.delete(data.turn);
      } else if (data.turn === turn.current) {
        setAnswer(data.answer);
        setMisspelt({ body: asking.current, places: data.unknown });
      }
    };
    // A browser that lets no worker run measures in the page, what it was asked already too.
    made.onerror = () => {
      worker.current = null;
      if (latest.current) void answerHere(latest.current).then(setAnswer);
    };
    worker.current = made;
    return () => {
      made.terminate();
      worker.current = null;
    };
  }, []);
  useEffect(() => {
    const ask = () => {
      turn.current += 1;
      asking.current = writing.body;
      const message = asked(turn.current, { assignment, writing, hashes, openResults, classWords, spelt });
      latest.current = message;
      if (worker.current) worker.current.postMessage(message);
      else void answerHere(message).then(setAnswer);
    };
    // What stands there when the page is opened waits for no further key.
    const timer = setTimeout(ask, turn.current === 0 ? 0 : PAUSE);
    return () => clearTimeout(timer);
  }, [assignment, writing, hashes, openResults, classWords, spelt]);
  const { language } = assignment;
  const suggest = useCallback(
    (word: string): Promise<readonly string[]> =>
      new Promise((resolve) => {
        const dictionary = dictionaryName(language);
        if (!worker.current || !dictionary) return resolve([]);
        const number = Math.random();
        suggesting.current.set(number, resolve);
        worker.current.postMessage({ kind: 'suggest', turn: number, word, dictionary });
      }),
    [language],
  );
  return { answer, misspelt, suggest };
}

function asked(
  turn: number,
  { assignment, writing, hashes, openResults, classWords, spelt }: Question,
): Asked {
  const { title, labels, body, beside } = writing;
  const { teaser, cover, selfChecked } = beside;
  const needed = spelt || asksFor(assignment.requirements, 'spelling');
  return {
    kind: 'answer',
    turn,
    assignment,
    post: { title, labels, body, teaser, cover, selfChecked, classWords, openResults, pictureHashes: hashes },
    dictionary: needed ? dictionaryName(assignment.language) : null,
  };
}

/** Without a dictionary: spelling is not known yet. What measures is loaded here only where no worker runs. */
async function answerHere({ assignment, post }: Asked): Promise<Answer> {
  const { evaluate } = await import('../../core/requirements/evaluate');
  return evaluate(assignment, { ...post, body: documentSchema.nodeFromJSON(post.body) });
}
