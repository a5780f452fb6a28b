import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { ClassTabs } from '@/components/classes/ClassTabs';
import { SetUpRailing } from '@/components/classes/SetUpRailing';
import { maybeClassFrame } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { Words } from '@/app/Words';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

/** Of the class's frame and its first page, the roster; the others bring their own. */
const WORDS = ['classTabs', 'setUp', 'roster', 'refusals.class', 'refusals.roster', 'refusals.consent'];

export default async function ClassLayout({ params, children }: InClass & { readonly children: ReactNode }) {
  const desk = await requireDeskIn(params);
  const frame = await maybeClassFrame(desk);
  if (!frame) notFound();
  const { steps, ...tabs } = frame;
  return (
    <Words of={WORDS}>
      <DeskFrame desk={desk} current="class">
        <ClassTabs {...tabs} />
        {steps ? <SetUpRailing classId={frame.classId} steps={steps} /> : null}
        {children}
      </DeskFrame>
    </Words>
  );
}
