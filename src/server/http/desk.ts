import { redirect } from 'next/navigation';
import { deskOf, type Desk } from '../sessions/desk';
import type { Session } from '../sessions/session';
import { currentSession } from './request';

/** The session of whoever asks for a page; others are taken to the sign-in. */
export async function requireSession(): Promise<Session> {
  return (await currentSession()) ?? redirect('/sign-in');
}

/** The desk of somebody who writes or teaches. Who was invited to read is taken to the blog: nothing is due from them. */
export async function requireWorkingDesk(): Promise<Desk> {
  const desk = await requireDesk();
  return desk.role === 'reader' ? redirect(`/blog/${desk.inClass.address}`) : desk;
}

/** The desk of whoever asks for a page. Who is in no class is taken to where one is made or waited for. */
export async function requireDesk(): Promise<Desk> {
  return deskOf(await requireSession(), new Date()) ?? redirect('/classes');
}
