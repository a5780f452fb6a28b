'use client';

import { useId, useState, type ReactNode } from 'react';
import { useIsRead } from './isRead';

interface NumberFillProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  readonly decimals?: boolean;
  readonly least?: number;
}

/** A number edited where it stands in a sentence; left empty it is not asked for. */
export function NumberFill({ label, value, onChange, decimals = false, least = 0 }: NumberFillProps) {
  // While it is typed it may be empty, whatever that stands for.
  const [typed, setTyped] = useState<string | null>(null);
  if (useIsRead()) return <b>{value}</b>;
  return (
    <input
      className="fill small-number"
      type="number"
      aria-label={label}
      placeholder="–"
      min={least}
      max={100000}
      step={decimals ? 'any' : 1}
      value={typed ?? value ?? ''}
      onChange={(event) => {
        const number = event.target.valueAsNumber;
        const valid = Number.isFinite(number) && number >= least && number <= 100_000;
        setTyped(event.target.value);
        onChange(valid ? (decimals ? number : Math.round(number)) : undefined);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}

interface ListFillProps {
  readonly label: string;
  readonly value: readonly string[];
  readonly onChange: (value: readonly string[]) => void;
  readonly suggestions?: readonly string[];
}

/** Several short texts with commas between them. */
export function ListFill({ label, value, onChange, suggestions = [] }: ListFillProps) {
  const id = useId();
  if (useIsRead()) return <b>{value.join(', ')}</b>;
  return (
    <>
      <input
        className="fill !w-52"
        aria-label={label}
        list={id}
        maxLength={300}
        defaultValue={value.join(', ')}
        onChange={(event) =>
          onChange(
            event.target.value
              .split(',')
              .map((part) => part.trim())
              .filter(Boolean),
          )
        }
      />
      <datalist id={id}>
        {suggestions.map((suggestion) => (
          <option key={suggestion} value={suggestion} />
        ))}
      </datalist>
    </>
  );
}

interface CheckFillProps {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** One thing that is asked or not. */
export function CheckFill({ checked, onChange, children }: CheckFillProps) {
  if (useIsRead()) return children;
  return (
    <label className="inline-flex max-w-full items-baseline gap-1.5">
      <input
        type="checkbox"
        className="h-[17px] w-[17px] self-center accent-[var(--porch)]"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  );
}
