import { notFound } from 'next/navigation';
import { Log } from '@/components/classes/Log';
import { maybeLog } from '@/server/views/class/viewLog';
import { requireDeskIn, type InClass } from '@/server/http/desk';

interface LogPageProps extends InClass {
  /** `before`: only what was done earlier than this moment; `person`: only what they did, or what was done about them. */
  readonly searchParams: Promise<{
    readonly before?: string | string[];
    readonly person?: string | string[];
  }>;
}

export default async function LogPage({ params, searchParams }: LogPageProps) {
  const { before, person } = await searchParams;
  const moment = typeof before === 'string' ? Date.parse(before) : NaN;
  const log = await maybeLog(await requireDeskIn(params), {
    before: Number.isNaN(moment) ? null : new Date(moment),
    person: typeof person === 'string' && person !== '' ? person : null,
  });
  if (!log) notFound();
  return <Log {...log} />;
}
