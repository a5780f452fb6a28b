import { notFound } from 'next/navigation';
import { Log } from '@/components/classes/Log';
import { maybeLog } from '@/server/views/class/viewLog';
import { requireDeskIn, type InClass } from '@/server/http/desk';

interface LogPageProps extends InClass {
  /** `before`: only what was done earlier than this moment. */
  readonly searchParams: Promise<{ readonly before?: string | string[] }>;
}

export default async function LogPage({ params, searchParams }: LogPageProps) {
  const { before } = await searchParams;
  const moment = typeof before === 'string' ? Date.parse(before) : NaN;
  const log = await maybeLog(await requireDeskIn(params), Number.isNaN(moment) ? null : new Date(moment));
  if (!log) notFound();
  return <Log {...log} />;
}
