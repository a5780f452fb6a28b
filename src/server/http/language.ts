import { headers } from 'next/headers';
import { cache } from 'react';
import { acceptedLanguage, spokenTag } from '../../core/languages/languages';
import { database } from '../ground/database/database';
import { findClassByAddress } from '../tables/classes';
import { PATH_HEADER } from './pathHeader';
import { currentSession } from './request';

/** What readers read, each in the language of its class. */
const READERS = /^\/(?:blog|privacy-notice)\/([a-z0-9-]+)(?:\/|$)/;

/** The class whose readers' page the present request asks for, as a language tag; null for every page of the desk. */
export const readersLanguage = cache(async (): Promise<string | null> => {
  const address = READERS.exec((await headers()).get(PATH_HEADER) ?? '')?.[1];
  return address === undefined ? null : ((await findClassByAddress(database, address))?.language ?? null);
});

/**
 * The tag in which the present request's page speaks: readers' pages as their class does, pages of the desk as whoever is signed in
 * chose or as their first class does, the others as the browser asks.
 */
export const currentLanguage = cache(async (): Promise<string> => {
  const ofReaders = await readersLanguage();
  if (ofReaders !== null) return spokenTag(null, ofReaders);
  const session = await currentSession();
  return session
    ? spokenTag(session.language, session.classes[0]?.language ?? null)
    : spokenTag(acceptedLanguage((await headers()).get('accept-language') ?? ''), null);
});
