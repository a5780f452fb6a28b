import { notFound } from 'next/navigation';
import { Receipt } from '@/components/receipt/Receipt';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeReceipt } from '@/server/views/writing/viewReceipt';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function ReceiptPage({ params }: InClass<'postId'>) {
  const { postId } = await params;
  const desk = await requireDeskIn(params);
  const receipt = await maybeReceipt(postId, desk);
  if (!receipt) notFound();
  return (
    <DeskFrame desk={desk} current="writing">
      <Receipt {...receipt} />
    </DeskFrame>
  );
}
