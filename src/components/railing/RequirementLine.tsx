import type { RequirementAnswer } from '../../core/requirements/answer';
import { useMadeWords } from '../basics/useMadeWords';

/** How far a requirement is, as one line in plain words; what is missing is emphasised. */
export function RequirementLine({ answer }: { readonly answer: RequirementAnswer }) {
  const t = useMadeWords('requirements');
  return t.rich(`${answer.kind}.line.${answer.message.key}`, {
    ...answer.message.values,
    em: (chunks) => <em className="wanting">{chunks}</em>,
  });
}

/** What a requirement is called: the teacher's own words, or its kind's name. */
export function useRequirementName(): (requirement: {
  readonly kind: string;
  readonly text?: unknown;
}) => string {
  const t = useMadeWords('requirements');
  return ({ kind, text }) => (typeof text === 'string' && text ? text : t(`${kind}.name`));
}

/** Whether a kind's own words are all that it asks. */
export function isItsOwnWords(kind: string): boolean {
  return kind === 'judged' || kind === 'selfCheck';
}

/** What the sentence of a requirement begins with: what it is called, but never with what the sentence itself says. */
export function useSentenceBeginning(): ReturnType<typeof useRequirementName> {
  const nameOf = useRequirementName();
  return (requirement) => nameOf(isItsOwnWords(requirement.kind) ? { kind: requirement.kind } : requirement);
}

interface Lack {
  /** What is missing, named by the thing itself. */
  readonly lack: string;
  /** How far the requirement is; empty where nothing can be said but what is missing. */
  readonly reached: string;
  /** What is to be done about it. */
  readonly toDo: string;
}

/** What a requirement lacks. */
export function useLack(): (answer: RequirementAnswer) => Lack {
  const t = useMadeWords('requirements');
  return ({ kind, message: { key, values } }) => {
    const all = { ...values, lack: values['lack'] ?? key };
    const reached = t.markup(`${kind}.line.${key}`, { ...values, em: () => '' });
    return {
      lack: t(`${kind}.lack`, all),
      reached: reached.replace(/^[\s,]+|[\s,]+$/g, ''),
      toDo: t(`${kind}.toDo`, all),
    };
  };
}

/** The same line as plain text, for a sentence that it stands in. */
export function useRequirementLine(): (
  kind: string,
  message: { readonly key: string; readonly values: Readonly<Record<string, string | number>> },
) => string {
  const t = useMadeWords('requirements');
  return (kind, { key, values }) => t.markup(`${kind}.line.${key}`, { ...values, em: (chunks) => chunks });
}
