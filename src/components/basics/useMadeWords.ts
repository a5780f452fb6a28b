import { useTranslations, type RichTranslationValues } from 'next-intl';
import type { ReactNode } from 'react';

type Values = Readonly<Record<string, string | number | Date>>;

/** Words of the catalogue by keys that are put together while the page runs. */
export interface MadeWords {
  (key: string, values?: Values): string;
  rich(key: string, values?: RichTranslationValues): ReactNode;
  markup(
    key: string,
    values?: Readonly<Record<string, string | number | Date | ((chunks: string) => string)>>,
  ): string;
  has(key: string): boolean;
}

/**
 * The words of a part of the catalogue, for keys that are put together from names: of kinds, deeds, roles. That each is there is
 * what `messages.test.ts` and `requirementWords.test.ts` hold; where the compiler can say it, `useTranslations` is asked.
 */
export function useMadeWords(part: string): MadeWords {
  return useTranslations(part as never) as unknown as MadeWords;
}
