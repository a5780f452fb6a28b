import { notFound } from 'next/navigation';
import { ChooseSheets } from '@/components/sheets/ChooseSheets';
import { TalkPage } from '@/components/sheets/TalkPage';
import { asAppointments } from '@/core/gradebook/appointments';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeChooseSheets, maybeTalk } from '@/server/views/gradebook/viewTalk';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

interface Asked extends InClass {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function SheetsPage({ params, searchParams }: Asked) {
  const desk = await requireDeskIn(params);
  const { for: chosen, day, term } = await searchParams;
  const one = (value: string | string[] | undefined) => (typeof value === 'string' ? value : null);
  const appointments = asAppointments(one(chosen) ?? '', one(day));
  if (appointments.length === 0) {
    const students = await maybeChooseSheets(desk);
    if (!students) notFound();
    return (
      <DeskFrame desk={desk} current="gradebook">
        <ChooseSheets {...students} />
      </DeskFrame>
    );
  }
  const talk = await maybeTalk(
    { personIds: appointments.map(({ personId }) => personId), term: one(term) },
    desk,
  );
  if (!talk || talk.sheets.length === 0) notFound();
  return (
    <DeskFrame desk={desk} current="gradebook" className="talk-desk">
      <TalkPage {...talk} appointments={appointments} />
    </DeskFrame>
  );
}
