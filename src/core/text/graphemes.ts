const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** How many characters a person sees: grapheme clusters of the trimmed text. */
export function characterCount(text: string): number {
  return [...segmenter.segment(text.trim())].length;
}
