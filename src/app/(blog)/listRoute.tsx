import { ListPage } from '@/components/blog/ListPage';
import { maybePostList, type ListOf } from '@/server/views/blog/viewList';
import { pageOf } from './pageOf';
import { readersRoute } from './readersRoute';

/** A list of posts. @param folder under which its addresses stand; none where there is one alone @param of what the last part of such an address names */
export function listRoute(folder: string, of: (name: string) => ListOf) {
  return readersRoute({
    folder,
    find: async ({ blog, address }, { reader, query, now }) => {
      const asked = {
        ...{ reader, now, page: pageOf(query), month: query.get('month') },
        ...{ typed: (query.get('q') ?? '').trim(), exactly: query.get('exactly') === '1' },
      };
      const facts = await maybePostList(blog, of(address ?? ''), asked);
      return facts && { facts, text: () => ({}) };
    },
    page: (list, { say }) => <ListPage {...list} say={say} />,
  });
}
