'use client';

import { useEffect, useMemo, useState } from 'react';
import { tryRequirements } from '../../contract/assignments/tryRequirements';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { samplePost, SAMPLES, type Sample } from '../../core/assignments/samplePost';
import { allStarters } from '../../core/assignments/starters';
import { documentSchema } from '../../core/document/schema';
import type { Answer } from '../../core/requirements/answer';
import { evaluate } from '../../core/requirements/evaluate';
import type { AssignmentToCheck } from '../../core/requirements/requirement';
import { call } from '../basics/call';
import type { BuilderProps } from './builderProps';

/** What the requirements are tried on: a made-up post, the teacher's own text, or one that was handed in. */
type TriedOn =
  | { readonly kind: 'sample'; readonly sample: Sample }
  | { readonly kind: 'own'; readonly text: string }
  | { readonly kind: 'earlier'; readonly postId: string };

export interface Trial {
  readonly on: TriedOn;
  readonly tryOn: (on: TriedOn) => void;
  readonly answer: Answer;
}

const PAUSE = 400;

/** Runs the requirements as they are edited on something, so that a teacher sees at once how they judge. */
export function useTrial(
  draft: AssignmentDraft,
  { assignmentId, language, timeZone, classLabels }: BuilderProps,
): Trial {
  const [on, tryOn] = useState<TriedOn>({ kind: 'sample', sample: SAMPLES[0] });
  const toCheck = useMemo<AssignmentToCheck>(
    () => ({
      number: draft.number,
      title: draft.title,
      date: draft.due?.slice(0, 10) ?? null,
      week: null,
      language,
      timeZone,
      classLabels,
      starters: allStarters(draft.starters),
      outline: draft.outline,
      requirements: draft.requirements,
    }),
    [draft, language, timeZone, classLabels],
  );
  const here = useMemo(() => answerHere(toCheck, on), [toCheck, on]);
  const earlier = useEarlier(assignmentId, toCheck, on);
  // While an earlier post is measured on the server, the empty page stands for it.
  const fits = earlier?.requirements.length === toCheck.requirements.length;
  return { on, tryOn, answer: on.kind === 'earlier' && earlier && fits ? earlier : here };
}

function answerHere(assignment: AssignmentToCheck, on: TriedOn): Answer {
  if (on.kind !== 'own')
    return evaluate(assignment, samplePost(assignment, on.kind === 'sample' ? on.sample : 'empty'));
  const { nodes } = documentSchema;
  const lines = on.text.split(/\n+/).filter((line) => line.trim() !== '');
  const blocks = lines.map((line) => nodes.paragraph.create(null, documentSchema.text(line)));
  const body = nodes.doc.create(null, blocks.length ? blocks : [nodes.paragraph.create()]);
  return evaluate(assignment, { title: '', labels: [], body });
}

/** The answer for a post that was handed in, which only the server may read. */
function useEarlier(assignmentId: string, { requirements }: AssignmentToCheck, on: TriedOn): Answer | null {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const postId = on.kind === 'earlier' ? on.postId : null;
  useEffect(() => {
    if (postId === null) return undefined;
    let overtaken = false;
    const timer = setTimeout(() => {
      void call(tryRequirements, { assignmentId, requirements, postId }).then((outcome) => {
        if (outcome.ok && !overtaken) setAnswer(outcome.value);
      });
    }, PAUSE);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [assignmentId, requirements, postId]);
  return answer;
}
