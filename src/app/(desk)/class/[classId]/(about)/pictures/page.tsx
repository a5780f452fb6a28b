import { notFound } from 'next/navigation';
import { PicturesPage } from '@/components/classes/PicturesPage';
import { maybeClassFrame } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { listClassPictures } from '@/server/views/pictures/viewClassPictures';

export default async function ClassPicturesPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const frame = await maybeClassFrame(desk);
  const listed = await listClassPictures(desk.inClass.id, desk.personId);
  if (!frame || !listed.ok) notFound();
  return <PicturesPage classId={frame.classId} pictures={listed.value.pictures} />;
}
