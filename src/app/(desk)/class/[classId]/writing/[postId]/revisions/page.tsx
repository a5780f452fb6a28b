import { notFound } from 'next/navigation';
import { Revisions } from '@/components/revisions/Revisions';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeRevisions } from '@/server/views/writing/viewRevisions';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

interface PageProps extends InClass<'postId'> {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function RevisionsPage({ params, searchParams }: PageProps) {
  const { postId } = await params;
  const query = await searchParams;
  const desk = await requireDeskIn(params);
  const one = (name: string) => (typeof query[name] === 'string' ? query[name] : null);
  const wanted = { from: one('from'), to: one('to'), all: one('all') !== null };
  const revisions = await maybeRevisions(postId, wanted, desk);
  if (!revisions) notFound();
  return (
    <DeskFrame desk={desk} current="writing">
      <Revisions {...revisions} />
    </DeskFrame>
  );
}
