import type { ReactNode } from 'react';

/** What somebody sent from a page of a blog that was not done: it comes back to its form, with why. */
export interface Tried {
  /** The deed or door that was asked. */
  readonly does: string;
  /** Every field as it was typed. */
  readonly typed: Readonly<Record<string, string>>;
  /** Why it was not done, in words. */
  readonly problem: string;
}

interface PlainFormProps {
  /** The deed or door that it asks. */
  readonly does: string;
  /** What goes along besides what is typed. */
  readonly fields?: Readonly<Record<string, string>>;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A form that is posted to its own page and needs no script. */
export function PlainForm({ does, fields = {}, className, children }: PlainFormProps) {
  return (
    <form method="post" className={className}>
      <input type="hidden" name="does" value={does} />
      {Object.entries(fields).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      {children}
    </form>
  );
}

/** What was tried with this very form, or null. @param fields what goes along with it */
export function triedHere(
  tried: Tried | null,
  does: string,
  fields: Readonly<Record<string, string>> = {},
): Tried | null {
  if (tried?.does !== does) return null;
  return Object.entries(fields).every(([name, value]) => tried.typed[name] === value) ? tried : null;
}

/** Why a form was not taken; nothing where it was not tried. */
export function Problem({ id, tried }: { readonly id?: string; readonly tried: Tried | null }) {
  return (
    <p id={id} className="problem" role="alert">
      {tried?.problem}
    </p>
  );
}
