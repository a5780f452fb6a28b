'use client';

import { useId, type ReactNode } from 'react';

/** What a field is told apart and described by. */
interface FieldAttributes {
  readonly id: string;
  readonly className: string;
  readonly 'aria-invalid': boolean;
  readonly 'aria-describedby': string;
}

interface ReadFieldProps {
  readonly label: string;
  readonly problem?: string;
  /** What is to be known about it, below it. */
  readonly hint?: ReactNode;
  readonly children: (attributes: FieldAttributes) => ReactNode;
}

/** A field of an opened line, with its label, what is to be known about it, and why it was refused. */
export function ReadField({ label, problem = '', hint, children }: ReadFieldProps) {
  const id = useId();
  return (
    <div>
      <label className="font-semibold" htmlFor={id}>
        {label}
      </label>
      {children({
        id,
        className: 'field',
        'aria-invalid': problem !== '',
        'aria-describedby': `${id}-problem`,
      })}
      {hint ? <p className="mt-1 text-[13.5px] text-ink-2">{hint}</p> : null}
      <p id={`${id}-problem`} className="problem" role="alert">
        {problem}
      </p>
    </div>
  );
}
