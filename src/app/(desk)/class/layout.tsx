import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { ClassTabs } from '@/components/classes/ClassTabs';
import { SetUpRailing } from '@/components/classes/SetUpRailing';
import { maybeClassFrame } from '@/server/classes/viewClassPages';
import { requireDesk } from '@/server/http/desk';
import { Words } from '../../Words';
import { DeskFrame } from '../DeskFrame';

/** Of the class's frame and its first page, the roster; the others bring their own. */
const WORDS = ['classTabs', 'setUp', 'roster', 'refusals.class', 'refusals.roster', 'refusals.consent'];

export default async function ClassLayout({ children }: { readonly children: ReactNode }) {
  const desk = await requireDesk();
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
