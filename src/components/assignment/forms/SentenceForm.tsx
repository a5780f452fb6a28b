'use client';
import { Clause } from './Clause';
import type { RequirementFormProps } from './formProps';
import { AskedFills, LimitFill } from './LimitFill';
import { useMadeWords } from '../../basics/useMadeWords';

/** A piece of a kind's sentence; texts are keys beside the kind's form in the catalogue. */
export type SentencePart =
  | { readonly words: string }
  | LimitPart
  /** Things to ask or not. */
  | { readonly asked: readonly string[] };

/** A number to fill in, what is read out for it, and the words that it stands among. */
export interface LimitPart {
  readonly limit: string;
  readonly label: string;
  readonly says: string;
  readonly aside?: boolean;
}

/** The form part of a kind whose settings are numbers and things to ask or not, edited as one sentence. */
export function sentenceForm(parts: readonly SentencePart[]) {
  return function SentenceForm({ requirement, change }: RequirementFormProps) {
    const t = useMadeWords('requirements');
    return parts.map((part, index) => {
      if ('limit' in part)
        return <LimitClause key={part.limit} part={part} requirement={requirement} change={change} />;
      if ('asked' in part)
        return <AskedFills key={index} requirement={requirement} settings={part.asked} change={change} />;
      return <span key={part.words}> {t(`${requirement.kind}.form.${part.words}`)}</span>;
    });
  };
}

type LimitClauseProps = Pick<RequirementFormProps, 'requirement' | 'change'> & { readonly part: LimitPart };

/** A number with the words around it, told at rest only when it is asked for. */
export function LimitClause({ part, requirement, change }: LimitClauseProps) {
  const t = useMadeWords('requirements');
  const { limit, label, says, aside = false } = part;
  return (
    <Clause asked={requirement[limit] !== undefined} aside={aside}>
      {t.rich(`${requirement.kind}.form.${says}`, {
        fill: () => <LimitFill requirement={requirement} setting={limit} label={label} change={change} />,
      })}
    </Clause>
  );
}
