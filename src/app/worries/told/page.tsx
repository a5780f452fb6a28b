import { notFound } from 'next/navigation';
import { PromiseForm } from '@/components/worries/PromiseForm';
import { requireSession } from '@/server/http/desk';
import { maybePromise } from '@/server/views/worries/viewWorries';
import { WorriesFrame } from '../WorriesFrame';

export default async function PromisePage() {
  const { person } = await requireSession();
  const promise = await maybePromise(person.id);
  if (!promise) notFound();
  return (
    <WorriesFrame current="promise">
      <PromiseForm {...promise} />
    </WorriesFrame>
  );
}
