import { notFound } from 'next/navigation';
import { StudentPosts } from '@/components/set/StudentPosts';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeStudentPosts } from '@/server/views/set/viewStudent';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function StudentPage({ params }: InClass<'personId'>) {
  const desk = await requireDeskIn(params);
  const student = await maybeStudentPosts((await params).personId, desk);
  if (!student) notFound();
  return (
    <DeskFrame desk={desk} current="class">
      <StudentPosts {...student} />
    </DeskFrame>
  );
}
