import { notFound } from 'next/navigation';
import { ClassSettings } from '@/components/classes/ClassSettings';
import { maybeClassSettings } from '@/server/classes/viewClassPages';
import { requireDesk } from '@/server/http/desk';
import { getSettings } from '@/server/settings/settings';

export default async function SettingsPage() {
  const settings = maybeClassSettings(await requireDesk());
  if (!settings) notFound();
  return <ClassSettings {...settings} origin={getSettings().origin} />;
}
