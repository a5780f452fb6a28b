import { NextIntlClientProvider } from 'next-intl';
import { getMessages } from 'next-intl/server';
import type { ReactNode } from 'react';
import { pickMessages } from '@/messages/pick';

interface WordsProps {
  /** Parts of the catalogue, such as `roster` or `refusals.roster`. */
  readonly of: readonly string[];
  readonly children: ReactNode;
}

/** Gives what is within it the words that it says in the browser, and no others: most of a catalogue is never said on one page. */
export async function Words({ of, children }: WordsProps) {
  return (
    <NextIntlClientProvider messages={pickMessages(await getMessages(), of)}>
      {children}
    </NextIntlClientProvider>
  );
}

/** A layout that does nothing but give its pages their words. */
export function withWords(of: readonly string[]) {
  return function WordsLayout({ children }: { readonly children: ReactNode }) {
    return <Words of={of}>{children}</Words>;
  };
}
