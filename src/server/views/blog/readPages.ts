import { placeOf } from '../../../core/languages/languages';
import { addressesOf } from '../../../contract/addresses';
import { narrower } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { dateInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import type { Blog } from '../../deeds/readers/openBlog';
import { findShownToReaders, type ShownTitle } from '../../tables/pageRevisions';
import { openStored } from '../../tables/columns';

/** The pages that somebody may read, as a menu. */
export function readablePages(blog: Blog): readonly { readonly title: string; readonly address: string }[] {
  return readable(blog).map(({ title, address }) => ({
    title,
    address: `/blog/${blog.inClass.address}/pages/${address}`,
  }));
}

/** One page for a reader; null for everybody whom its audience leaves out, as for one that is not there. */
export async function maybeReadablePage(blog: Blog, address: string) {
  const page = readable(blog).find((one) => one.address === address);
  const revision = page && (await findShownToReaders(database, page.pageId));
  if (!page || !revision) return null;
  const { inClass, actor } = blog;
  const audience = narrower(page.audience, inClass.ceiling);
  const { timeZone, language } = placeOf(inClass);
  return {
    title: revision.title,
    address: `/blog/${inClass.address}/pages/${page.address}`,
    html: readersHtml(openStored(revision.body), { sameTab: inClass.desk.linksInSameTab }),
    changed: dateInWords((revision.shownAt ?? revision.writtenAt).getTime(), timeZone, language),
    audience,
    searchEngines: inClass.searchEngines && audience === 'everyone',
    /** Where whoever tends pages goes on with it. */
    desk: may(actor, 'page.tend', {}) ? addressesOf(inClass.id).page(page.pageId) : null,
  };
}

function readable({ pages, inClass, actor, shown }: Blog): readonly ShownTitle[] {
  return pages.filter(({ audience }) =>
    // The ceiling may have come down since the page was shown.
    may(actor, 'page.read', {
      publishedTo: narrower(audience, inClass.ceiling),
      passphraseShown: shown.has(''),
    }),
  );
}
