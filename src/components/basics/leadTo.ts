/** What takes words or a choice: where one goes on. */
const FIELDS = 'input, textarea, select, [contenteditable="true"]';

/** Leads to the part of the page that stands for a field: opens it where it is folded, and puts the focus where it is changed. */
export function leadTo(at: string): void {
  const part = document.querySelector<HTMLElement>(`[data-at="${at}"]`);
  if (!part) return;
  part.querySelector<HTMLElement>('[aria-expanded="false"]')?.click();
  // What was folded is there after the next painting.
  requestAnimationFrame(() => {
    part.scrollIntoView({ block: 'center' });
    (part.querySelector<HTMLElement>(FIELDS) ?? part.querySelector<HTMLElement>('button'))?.focus();
  });
}
