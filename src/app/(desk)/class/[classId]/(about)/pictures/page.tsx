import { notFound } from 'next/navigation';
import { PicturesPage } from '@/components/classes/PicturesPage';
import { maybeClassFrame } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeClassPictures } from '@/server/views/pictures/viewClassPictures';

export default async function ClassPicturesPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const frame = await maybeClassFrame(desk);
  const pictures = await maybeClassPictures(desk);
  if (!frame || !pictures) notFound();
  return <PicturesPage classId={frame.classId} guards={frame.guards} pictures={pictures} />;
}
