import { notFound } from 'next/navigation';
import { LeftPost } from '@/components/receipt/LeftPost';
import { requireSession } from '@/server/http/desk';
import { maybeLeftPost } from '@/server/views/writing/viewLeft';

export default async function LeftPostPage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const { person, language } = await requireSession();
  const post = await maybeLeftPost((await params).postId, person.id, new Date(), language);
  if (!post) notFound();
  return <LeftPost {...post} />;
}
