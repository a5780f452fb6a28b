import type { useTranslations } from 'next-intl';

/** Says the sentences of one part of the catalogue; what a page in the browser has from `useTranslations`. */
export type SayOf<Part extends 'audience' | 'awayWords' | 'blog' | 'error' | 'notFound' | 'worry'> =
  ReturnType<typeof useTranslations<Part>>;

/**
 * The words of readers' pages, in the language of the class. These pages are plain functions of what they show: they are made to
 * text once, where no hook and no context is, and stay as they are in the browser.
 */
export interface ReadersWords {
  /** The tag of the language, such as `en-GB`. */
  readonly tag: string;
  readonly blog: SayOf<'blog'>;
  readonly audience: SayOf<'audience'>;
  readonly awayWords: SayOf<'awayWords'>;
  readonly worry: SayOf<'worry'>;
  readonly notFound: SayOf<'notFound'>;
  readonly error: SayOf<'error'>;
  /** A small number as a word, a large one in figures. */
  readonly number: (count: number) => string;
  /** Why something was not done. */
  readonly refusal: (refused: {
    readonly code: string;
    readonly values?: Readonly<Record<string, string | number>>;
  }) => string;
}
