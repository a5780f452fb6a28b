import { placeOf } from '../../../core/languages/languages';
import { addressesOf } from '../../../contract/addresses';
import { narrower } from '../../../core/access/audience';
import { may, type Actor } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { dateInWords } from '../../../core/timing/inWords';
import type { ClassRow } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { findShownToReaders, listShownTitles, type ShownPageRow } from '../../tables/pageRevisions';
import { openStored } from '../../tables/columns';

interface PageReader {
  readonly inClass: ClassRow;
  readonly actor: Actor;
  /** Whether they have shown the passphrase of the class. */
  readonly passphraseShown: boolean;
}

/** The pages that somebody may read, as a menu. */
export async function listReadablePages(
  reader: PageReader,
): Promise<readonly { readonly title: string; readonly address: string }[]> {
  return (await readable(reader)).map(({ title, address }) => ({
    title,
    address: `/blog/${reader.inClass.address}/pages/${address}`,
  }));
}

/** One page for a reader; null for everybody whom its audience leaves out, as for one that is not there. */
export async function maybeReadablePage(reader: PageReader, address: string) {
  const page = (await readable(reader)).find((one) => one.address === address);
  const revision = page && (await findShownToReaders(database, page.pageId));
  if (!page || !revision) return null;
  const { inClass } = reader;
  const audience = narrower(page.audience, inClass.ceiling);
  const { timeZone, language } = placeOf(inClass);
  return {
    title: revision.title,
    address: `/blog/${inClass.address}/pages/${page.address}`,
    html: readersHtml(openStored(revision.body), { sameTab: inClass.desk.linksInSameTab }),
    changed: dateInWords(page.shownAt.getTime(), timeZone, language),
    audience,
    searchEngines: inClass.searchEngines && audience === 'everyone',
    /** Where whoever tends pages goes on with it. */
    desk: may(reader.actor, 'page.tend', {}) ? addressesOf(inClass.id).page(page.pageId) : null,
  };
}

async function readable({
  inClass,
  actor,
  passphraseShown,
}: PageReader): Promise<readonly Omit<ShownPageRow, 'body'>[]> {
  const pages = await listShownTitles(database, inClass.id);
  return pages.filter(({ audience }) =>
    // The ceiling may have come down since the page was shown.
    may(actor, 'page.read', { publishedTo: narrower(audience, inClass.ceiling), passphraseShown }),
  );
}
