import { headers } from 'next/headers';
import { cache } from 'react';
import { acceptedLanguage, spokenTag } from '../../core/languages/languages';
import { log } from '../ground/logging/log';
import { maybeOpenClass } from '../deeds/readers/openBlog';
import { PATH_HEADER } from './pathHeader';
import { currentReader, currentSession } from './request';

/** What readers read, each in the language of its class. */
const READERS = /^\/(?:blog|privacy-notice)\/([a-z0-9-]+)(?:\/|$)/;

/**
 * The language of the class whose blog the present request reads, as a tag; null for every other page. What is not for this reader
 * speaks like what is not there: the language, too, would say that there is something.
 */
export const readersLanguage = cache(async (): Promise<string | null> => {
  const address = READERS.exec((await headers()).get(PATH_HEADER) ?? '')?.[1];
  if (address === undefined) return null;
  const open = await unlessBroken(async () => maybeOpenClass(address, await currentReader()));
  return open?.inClass.language ?? null;
});

/**
 * The tag in which the present request's page speaks: readers' pages as their class does, pages of the desk as whoever is signed in
 * chose or as their first class does, the others as the browser asks.
 */
export const currentLanguage = cache(async (): Promise<string> => {
  const ofReaders = await readersLanguage();
  if (ofReaders !== null) return spokenTag(null, ofReaders);
  const session = await unlessBroken(currentSession);
  return session
    ? spokenTag(session.language, session.classes[0]?.language ?? null)
    : spokenTag(acceptedLanguage((await headers()).get('accept-language') ?? ''), null);
});

/** What is found, or null where the database can't be asked: the page itself says so then, and needs a language to say it in. */
async function unlessBroken<Found>(find: () => Promise<Found | null>): Promise<Found | null> {
  try {
    return await find();
  } catch (error) {
    log().warn({ language: error instanceof Error ? error.name : typeof error });
    return null;
  }
}
