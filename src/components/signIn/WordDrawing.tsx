import type { PICTURE_WORDS } from '../../core/people/passcode';
import { WORD_DRAWINGS } from './wordPictures';

interface WordDrawingProps {
  readonly word: (typeof PICTURE_WORDS)[number];
  /** In pixels. */
  readonly size: number;
}

/** The drawing of a picture word; the word itself stands beside it. */
export function WordDrawing({ word, size }: WordDrawingProps) {
  return (
    <svg
      viewBox="0 0 60 60"
      width={size}
      height={size}
      aria-hidden="true"
      dangerouslySetInnerHTML={{ __html: WORD_DRAWINGS[word] }}
    />
  );
}
