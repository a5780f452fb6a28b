import { notFound } from 'next/navigation';
import { Labels } from '@/components/classes/Labels';
import { requireDesk } from '@/server/http/desk';
import { maybeLabels } from '@/server/labels/viewLabels';

export default async function LabelsPage() {
  const labels = await maybeLabels(await requireDesk());
  if (!labels) notFound();
  return <Labels {...labels} />;
}
