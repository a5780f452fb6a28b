import { notFound } from 'next/navigation';
import { ClassSettings } from '@/components/classes/ClassSettings';
import { maybeClassSettings } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { getSettings } from '@/server/ground/settings/settings';

export default async function SettingsPage({ params }: InClass) {
  const settings = await maybeClassSettings(await requireDeskIn(params));
  if (!settings) notFound();
  return <ClassSettings {...settings} origin={getSettings().origin} />;
}
