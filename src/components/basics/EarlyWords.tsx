'use client';

import { useEffect } from 'react';

/** What happened on the page before its script was there. */
interface Early {
  /** Fields that somebody typed into. */
  readonly fields: ReadonlySet<EventTarget>;
  /** The form that was sent; null where none was. */
  readonly form: HTMLFormElement | null;
  /** Nothing is noted from here on. */
  readonly stop: () => void;
}

/**
 * Runs while the page is read, on a slow line long before its script has come. A form that the script sends would be sent by the
 * browser, and the page with all that was typed would be gone.
 */
const NOTES = `(() => {
  const early = { fields: new Set(), form: null };
  const typed = ({ target }) => early.fields.add(target);
  const sent = (event) => {
    if (event.target.hasAttribute('action')) return;
    event.preventDefault();
    early.form = event.target;
  };
  addEventListener('input', typed, true);
  addEventListener('submit', sent, true);
  early.stop = () => {
    removeEventListener('input', typed, true);
    removeEventListener('submit', sent, true);
  };
  window.early = early;
})()`;

/** What is typed and sent before the page's script has come is neither lost nor has to be done again. */
export function EarlyWords({ nonce }: { readonly nonce: string }) {
  useEffect(() => {
    const { early } = window as { early?: Early };
    if (!early) return;
    early.stop();
    delete (window as { early?: Early }).early;
    for (const field of early.fields) tellOf(field);
    // What was typed is known by the time that it is sent.
    if (early.form) setTimeout(() => early.form?.isConnected && early.form.requestSubmit());
  }, []);
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: NOTES }} />;
}

/** Kinds of fields that nobody types into. */
const NOT_TYPED: ReadonlySet<string> = new Set(['checkbox', 'radio', 'file', 'hidden', 'range', 'color']);

/** Tells the script what stands in a field: it takes what stood there when it came for what it put there itself. */
function tellOf(field: EventTarget): void {
  if (field instanceof HTMLInputElement) tell(field, HTMLInputElement.prototype);
  if (field instanceof HTMLTextAreaElement) tell(field, HTMLTextAreaElement.prototype);
}

function tell(field: HTMLInputElement | HTMLTextAreaElement, of: object): void {
  if (!field.isConnected || NOT_TYPED.has(field.type)) return;
  const { value } = field;
  field.value = '';
  Object.getOwnPropertyDescriptor(of, 'value')?.set?.call(field, value);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
