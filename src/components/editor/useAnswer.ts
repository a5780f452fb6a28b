'use client';

import { useEffect, useRef, useState } from 'react';
import { documentSchema } from '../../core/document/schema';
import type { Answer } from '../../core/requirements/answer';
import type { OpenResult } from '../../core/requirements/post';
import { evaluate } from '../../core/requirements/evaluate';
import { asksFor } from '../../core/requirements/requirement';
import { dictionaryName } from '../../core/spelling/speller';
import type { Answered, Asked } from '../../workers/requirementsMessages';
import type { ComposeProps, Writing } from './composeProps';

/** The railing follows the writer after a pause as short as this, in milliseconds: never a letter late. */
const PAUSE = 60;

interface Question {
  readonly assignment: ComposeProps['assignment'];
  readonly writing: Writing;
  readonly hashes: Readonly<Record<string, string>>;
  readonly openResults: Readonly<Record<string, OpenResult>>;
  readonly classWords: readonly string[];
}

/** How a writing stands, measured in a worker so that typing never waits for it. */
export function useAnswer({ assignment, writing, hashes, openResults, classWords }: Question): Answer {
  const [answer, setAnswer] = useState<Answer>(() =>
    answerHere(question(0, { assignment, writing, hashes, openResults, classWords })),
  );
  const worker = useRef<Worker | null>(null);
  const turn = useRef(0);
  useEffect(() => {
    const made = new Worker(new URL('../../workers/requirements.worker.ts', import.meta.url), {
      type: 'module',
    });
    made.onmessage = ({ data }: MessageEvent<Answered>) => {
      if (data.turn === turn.current) setAnswer(data.answer);
    };
    // A browser that lets no worker run measures in the page.
    made.onerror = () => {
      worker.current = null;
    };
    worker.current = made;
    return () => {
      made.terminate();
      worker.current = null;
    };
  }, []);
  useEffect(() => {
    const timer = setTimeout(() => {
      turn.current += 1;
      const asked = question(turn.current, { assignment, writing, hashes, openResults, classWords });
      if (worker.current) worker.current.postMessage(asked);
      else setAnswer(answerHere(asked));
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [assignment, writing, hashes, openResults, classWords]);
  return answer;
}

function question(turn: number, { assignment, writing, hashes, openResults, classWords }: Question): Asked {
  const { title, labels, body, beside } = writing;
  const { teaser, cover, selfChecked } = beside;
  return {
    turn,
    assignment,
    post: { title, labels, body, teaser, cover, selfChecked, classWords, openResults, pictureHashes: hashes },
    dictionary: asksFor(assignment.requirements, 'spelling') ? dictionaryName(assignment.language) : null,
  };
}

/** Without a dictionary: spelling is not known yet. */
function answerHere({ assignment, post }: Asked): Answer {
  return evaluate(assignment, { ...post, body: documentSchema.nodeFromJSON(post.body) });
}
