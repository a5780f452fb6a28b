import { notFound } from 'next/navigation';
import { KeptPage } from '@/components/blog/KeptPage';
import { maybeKept } from '@/server/views/blog/viewKept';
import { currentSession } from '@/server/http/request';

export default async function KeptHandInPage({
  params,
}: {
  readonly params: Promise<{ blog: string; receipt: string }>;
}) {
  const { blog, receipt } = await params;
  const kept = await maybeKept(
    blog,
    Number(receipt),
    (await currentSession())?.person.id ?? null,
    new Date(),
  );
  if (!kept) notFound();
  return <KeptPage {...kept} />;
}
