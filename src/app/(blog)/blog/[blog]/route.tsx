import { FrontPage } from '@/components/blog/FrontPage';
import { maybeFront } from '@/server/views/blog/viewFront';
import { pageOf } from '../../pageOf';
import { readersRoute } from '../../readersRoute';

export const { GET, POST } = readersRoute({
  find: async ({ blog }, { reader, query, now }) => {
    const facts = await maybeFront(blog, reader, now, pageOf(query));
    return facts && { facts, text: () => ({}) };
  },
  page: (front, around) => <FrontPage {...front} {...around} />,
});
