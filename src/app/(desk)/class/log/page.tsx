import { notFound } from 'next/navigation';
import { Log } from '@/components/classes/Log';
import { maybeLog } from '@/server/classes/viewLog';
import { requireDesk } from '@/server/http/desk';

interface LogPageProps {
  /** `before`: only what was done earlier than this moment. */
  readonly searchParams: Promise<{ readonly before?: string | string[] }>;
}

export default async function LogPage({ searchParams }: LogPageProps) {
  const { before } = await searchParams;
  const moment = typeof before === 'string' ? Date.parse(before) : NaN;
  const log = await maybeLog(await requireDesk(), Number.isNaN(moment) ? null : new Date(moment));
  if (!log) notFound();
  return <Log {...log} />;
}
