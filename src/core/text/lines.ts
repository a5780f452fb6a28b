/** What somebody typed one to a line: trimmed, without empty ones. */
export function linesOf(text: string): string[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
}

/** Texts of a list as it is kept: trimmed, each once, without empty ones. */
export function eachOnce(texts: readonly string[]): string[] {
  return [...new Set(texts.map((text) => text.trim()).filter(Boolean))];
}
