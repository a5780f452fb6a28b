import { notFound } from 'next/navigation';
import { ClassEnding } from '@/components/classes/ClassEnding';
import { maybeClassEnding } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';

export default async function EndingPage({ params }: InClass) {
  const ending = maybeClassEnding(await requireDeskIn(params));
  if (!ending) notFound();
  return <ClassEnding {...ending} />;
}
