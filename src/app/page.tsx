import { redirect } from 'next/navigation';
import { currentSession } from '@/server/http/request';

export default async function Start() {
  redirect((await currentSession()) ? '/today' : '/sign-in');
}
