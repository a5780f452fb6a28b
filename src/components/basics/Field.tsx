'use client';

import { useId, type InputHTMLAttributes } from 'react';

interface FieldProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'id' | 'onChange'> {
  readonly label: string;
  readonly hint?: string;
  /** What is wrong with it, in words, or nothing. */
  readonly problem?: string;
  readonly onText: (text: string) => void;
}

/** A line to type in, with its label above and what is wrong with it below. */
export function Field({ label, hint = '', problem = '', onText, ...input }: FieldProps) {
  const id = useId();
  return (
    <label className="grid gap-1" htmlFor={id}>
      <span className="font-semibold">{label}</span>
      <input
        {...input}
        id={id}
        dir="auto"
        className="field"
        aria-invalid={problem !== ''}
        aria-describedby={`${id}-more`}
        onChange={(event) => onText(event.target.value)}
      />
      <span id={`${id}-more`}>
        {hint ? <span className="text-[13.5px] text-ink-2">{hint}</span> : null}
        {problem ? (
          <span role="alert" className="problem block">
            {problem}
          </span>
        ) : null}
      </span>
    </label>
  );
}
