import { notFound, redirect } from 'next/navigation';
import { deskIn, maybeDesks, type Desk, type Desks } from '../deeds/sessions/desk';
import type { Session } from '../deeds/sessions/session';
import { currentSession } from './request';

/** The session of whoever asks for a page; others are taken to the sign-in. */
export async function requireSession(): Promise<Session> {
  return (await currentSession()) ?? redirect('/sign-in');
}

/** The desks of somebody who writes or teaches. Who was invited to read is taken to the blog: nothing is due from them. */
export async function requireWorkingDesks(): Promise<Desks> {
  const desks = await requireDesks();
  return desks.every((desk) => desk.role === 'reader')
    ? redirect(`/blog/${desks[0].inClass.address}`)
    : desks;
}

/**
 * The desks of whoever asks for a page that belongs to them and to no class. Who is in no class is taken to where one is made
 * or waited for.
 */
export async function requireDesks(): Promise<Desks> {
  return maybeDesks(await requireSession(), new Date()) ?? redirect('/classes');
}

/** What the address of a page in a class says. */
export interface InClass<More extends string = never> {
  readonly params: Promise<Readonly<Record<'classId' | More, string>>>;
}

/** The desk of whoever asks for a page in a class. For who is not in it there is no such page. */
export async function requireDeskIn(params: InClass['params']): Promise<Desk> {
  const { classId } = await params;
  return deskIn(await requireSession(), classId, new Date()) ?? notFound();
}
