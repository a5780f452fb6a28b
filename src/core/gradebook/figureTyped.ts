/** What was typed as a figure: a number, nothing, or no figure at all. */
export type Typed = { readonly ok: true; readonly figure: number | null } | { readonly ok: false };

const DECIMALS = /^\d{1,6}(?:[.,]\d{1,3})?$/;

/**
 * Reads a figure as people type it: with a point or a comma before its decimals. What would mean thousands in their language is none,
 * since nobody can know: `1,000` in English, `1.000` in German.
 * @param locale BCP 47
 */
export function figureTyped(text: string, locale: string): Typed {
  const typed = text.trim();
  if (typed === '') return { ok: true, figure: null };
  const grouping = new Intl.NumberFormat(locale).formatToParts(12_345).find(({ type }) => type === 'group');
  const thousands = grouping && typed.at(-4) === grouping.value;
  if (!DECIMALS.test(typed) || thousands) return { ok: false };
  return { ok: true, figure: Number(typed.replace(',', '.')) };
}

/** A block of cells as a spreadsheet copies it: lines of texts with tabs between them, the last line maybe ended. */
export function blockOf(text: string): readonly (readonly string[])[] {
  const lines = text.replaceAll('\r\n', '\n').replaceAll('\r', '\n').split('\n');
  if (lines.at(-1) === '') lines.pop();
  return lines.map((line) => line.split('\t').map((cell) => cell.trim()));
}

/** The same the other way. */
export function asBlock(cells: readonly (readonly string[])[]): string {
  return cells.map((line) => line.join('\t')).join('\n');
}
