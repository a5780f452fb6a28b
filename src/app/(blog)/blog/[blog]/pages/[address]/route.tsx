import { BlogPage } from '@/components/blog/BlogPage';
import { maybePage } from '@/server/views/blog/viewPage';
import { readersRoute } from '../../../../readersRoute';

export const { GET, POST } = readersRoute({
  folder: 'pages',
  find: async ({ blog, address }, { reader, now }) => {
    const facts = await maybePage(blog, address ?? '', reader, now);
    return facts && { facts, text: () => ({}) };
  },
  page: (page, around) => <BlogPage {...page} {...around} />,
});
