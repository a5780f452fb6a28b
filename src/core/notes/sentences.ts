import type { Passage } from './passage';

/**
 * The sentences of a plain text, without the white space around them; none goes over the end of a line (Unicode Standard Annex 29,
 * as the platform has it).
 * @param language BCP 47
 */
export function sentencesOf(text: string, language: string): readonly Passage[] {
  const segmenter = new Intl.Segmenter(language, { granularity: 'sentence' });
  const found: Passage[] = [];
  for (const { from, to } of linesIn(text))
    for (const { segment, index } of segmenter.segment(text.slice(from, to))) {
      const words = segment.trim();
      if (words === '') continue;
      const start = from + index + segment.indexOf(words);
      found.push({ from: start, to: start + words.length });
    }
  return found;
}

/** The lines of a plain text in which something stands. */
export function linesIn(text: string): readonly Passage[] {
  const found: Passage[] = [];
  let from = 0;
  for (const line of text.split('\n')) {
    if (line.trim() !== '') found.push({ from, to: from + line.length });
    from += line.length + 1;
  }
  return found;
}
