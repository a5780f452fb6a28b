import { useTranslations } from 'next-intl';
import type { RequirementAnswer } from '../../core/requirements/answer';

/** How far a requirement is, as one line in plain words; what is missing is emphasised. */
export function RequirementLine({ answer }: { readonly answer: RequirementAnswer }) {
  const t = useTranslations('requirements');
  return t.rich(`${answer.kind}.line.${answer.message.key}`, {
    ...answer.message.values,
    em: (chunks) => <em>{chunks}</em>,
  });
}

/** What a requirement is called: the teacher's own words, or its kind's name. */
export function useRequirementName(): (requirement: {
  readonly kind: string;
  readonly text?: unknown;
}) => string {
  const t = useTranslations('requirements');
  return ({ kind, text }) => (typeof text === 'string' && text ? text : t(`${kind}.name`));
}

/** The same line as plain text, for a sentence that it stands in. */
export function useRequirementLine(): (
  kind: string,
  message: { readonly key: string; readonly values: Readonly<Record<string, string | number>> },
) => string {
  const t = useTranslations('requirements');
  return (kind, { key, values }) => t.markup(`${kind}.line.${key}`, { ...values, em: (chunks) => chunks });
}
