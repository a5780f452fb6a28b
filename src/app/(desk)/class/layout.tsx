import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { ClassTabs } from '@/components/classes/ClassTabs';
import { SetUpRailing } from '@/components/classes/SetUpRailing';
import { maybeClassFrame } from '@/server/classes/viewClassPages';
import { requireDesk } from '@/server/http/desk';
import { DeskFrame } from '../DeskFrame';

export default async function ClassLayout({ children }: { readonly children: ReactNode }) {
  const desk = await requireDesk();
  const frame = await maybeClassFrame(desk);
  if (!frame) notFound();
  const { steps, ...tabs } = frame;
  return (
    <DeskFrame desk={desk} current="class">
      <ClassTabs {...tabs} />
      {steps ? <SetUpRailing classId={frame.classId} steps={steps} /> : null}
      {children}
    </DeskFrame>
  );
}
