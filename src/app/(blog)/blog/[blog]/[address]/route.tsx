import { PostPage } from '@/components/blog/PostPage';
import { maybePostFacts } from '@/server/views/blog/viewPost';
import { readersRoute } from '../../../readersRoute';

export const { GET, POST } = readersRoute({
  find: ({ blog, address }, { reader, now, withText }) =>
    maybePostFacts(blog, address ?? '', reader, now, { withText }),
  page: (post, around) => <PostPage {...post} {...around} />,
});
