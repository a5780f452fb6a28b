'use client';
import type { RequirementFormProps } from './formProps';
import { useIsRead } from './isRead';
import { useMadeWords } from '../../basics/useMadeWords';

/** The form part of kinds that are nothing but a teacher's words: what is looked for, what the writer confirms. */
export function TextForm({ requirement, change }: RequirementFormProps) {
  const t = useMadeWords('requirements');
  const say = (key: string) => t(`${requirement.kind}.form.${key}`);
  if (useIsRead()) return <b> {t(`${requirement.kind}.form.read`, { text: requirement.text ?? '' })}</b>;
  return (
    <>
      {' '}
      {say('text')}{' '}
      <input
        className="fill !w-64"
        aria-label={say('textLabel')}
        placeholder={say('hint')}
        maxLength={300}
        value={requirement.text ?? ''}
        onChange={(event) => change({ text: event.target.value || undefined })}
      />
    </>
  );
}
