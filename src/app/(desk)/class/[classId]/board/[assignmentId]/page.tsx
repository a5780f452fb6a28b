import { notFound } from 'next/navigation';
import { Board } from '@/components/board/Board';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeBoard } from '@/server/views/assignments/viewBoard';

export default async function BoardPage({ params }: InClass<'assignmentId'>) {
  const board = await maybeBoard((await params).assignmentId, await requireDeskIn(params));
  if (!board) notFound();
  return <Board {...board} />;
}
