import { notFound } from 'next/navigation';
import { Receipt } from '@/components/editor/Receipt';
import { requireDesk } from '@/server/http/desk';
import { maybeReceipt } from '@/server/posts/viewReceipt';
import { DeskFrame } from '../../../DeskFrame';

export default async function ReceiptPage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const { postId } = await params;
  const desk = await requireDesk();
  const receipt = await maybeReceipt(postId, desk);
  if (!receipt) notFound();
  return (
    <DeskFrame desk={desk} current="writing">
      <Receipt {...receipt} />
    </DeskFrame>
  );
}
