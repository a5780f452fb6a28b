'use client';

import { useTranslations } from 'next-intl';
import type { RequirementFormProps } from './formProps';
import { AskedFills, LimitFill } from './LimitFill';

/** A piece of a kind's sentence: words, a number to fill in with what is read out for it, or things to ask or not. */
export type SentencePart =
  | { readonly words: string }
  | { readonly limit: string; readonly label: string }
  | { readonly asked: readonly string[] };

/** The form part of a kind whose settings are numbers and things to ask or not, edited as one sentence. */
export function sentenceForm(parts: readonly SentencePart[]) {
  return function SentenceForm({ requirement, change }: RequirementFormProps) {
    const t = useTranslations('requirements');
    return parts.map((part, index) => (
      <span key={index}>
        {'words' in part ? t(`${requirement.kind}.form.${part.words}`) : null}
        {'limit' in part ? (
          <LimitFill requirement={requirement} setting={part.limit} label={part.label} change={change} />
        ) : null}
        {'asked' in part ? (
          <AskedFills requirement={requirement} settings={part.asked} change={change} />
        ) : null}{' '}
      </span>
    ));
  };
}
