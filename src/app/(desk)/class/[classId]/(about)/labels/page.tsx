import { notFound } from 'next/navigation';
import { Labels } from '@/components/classes/Labels';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeLabels } from '@/server/views/labels/viewLabels';

export default async function LabelsPage({ params }: InClass) {
  const labels = await maybeLabels(await requireDeskIn(params));
  if (!labels) notFound();
  return <Labels {...labels} />;
}
