import { redirect } from 'next/navigation';
import { deskOf, type Desk } from '../sessions/desk';
import { currentSession } from './request';

/** The desk of whoever asks for a page; others are taken to the sign-in. */
export async function requireDesk(): Promise<Desk> {
  const session = await currentSession();
  const desk = session && deskOf(session, new Date());
  return desk ?? redirect('/sign-in');
}
