'use client';

import { useTranslations } from 'next-intl';
import { useId, useState, type ReactNode } from 'react';
import { useIsRead } from './isRead';

interface NumberFillProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  readonly decimals?: boolean;
  readonly least?: number;
  readonly most?: number;
}

/** The largest number that any setting holds. */
const MOST = 100_000;

/** What is wrong with a number that was typed; null where it can be. */
function faultOf(
  number: number,
  { decimals, least, most }: { readonly decimals: boolean; readonly least: number; readonly most: number },
): 'whole' | 'between' | null {
  if (!Number.isFinite(number) || number < least || number > most) return 'between';
  return decimals || Number.isInteger(number) ? null : 'whole';
}

/**
 * A number edited where it stands in a sentence; left empty it is not asked for. One that cannot be is refused here and never taken, not
 * even in part: what was asked for stays, and the line says so.
 */
export function NumberFill(props: NumberFillProps) {
  const { label, value, onChange, decimals = false, least = 0, most = MOST } = props;
  const t = useTranslations('builder.number');
  const id = useId();
  // What was typed last and cannot be, or an empty field, whatever that stands for.
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<'whole' | 'between' | null>(null);
  if (useIsRead()) return <b>{value}</b>;
  return (
    <>
      <input
        className="fill small-number"
        type="text"
        inputMode={decimals ? 'decimal' : 'numeric'}
        autoComplete="off"
        aria-label={label}
        aria-invalid={wrong !== null}
        {...(wrong ? { 'aria-describedby': id } : {})}
        placeholder="–"
        value={typed ?? value ?? ''}
        onChange={(event) => {
          const text = event.target.value.trim();
          const number = text === '' ? undefined : Number(text.replace(',', '.'));
          const fault = number === undefined ? null : faultOf(number, { decimals, least, most });
          setTyped(event.target.value);
          setWrong(fault);
          if (!fault) onChange(number);
        }}
        onBlur={() => {
          if (!wrong) setTyped(null);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || typed === null) return;
          // The key takes back what was typed before it lowers anything.
          event.stopPropagation();
          setTyped(null);
          setWrong(null);
        }}
      />
      {wrong ? (
        <span id={id} role="alert" className="problem block text-[13.5px]">
          {t(wrong, { least, most })} {value === undefined ? t('asksNone') : t('stays', { value })}
        </span>
      ) : null}
    </>
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
