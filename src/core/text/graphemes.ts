import { rememberByText } from './remember';

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** How many characters a person sees: grapheme clusters of the trimmed text. */
export const characterCount = rememberByText((text) => [...segmenter.segment(text.trim())].length);
