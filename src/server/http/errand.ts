import { cookies } from 'next/headers';
import type { SchoolErrand } from '../deeds/schoolSignIn/beginSchoolSignIn';
import { checkOf } from '../ground/input/validate';
import { getSettings } from '../ground/settings/settings';

const COOKIE = 'porch_school';
/** Time for signing in at the school, in seconds. */
const PATIENCE = 15 * 60;

const part = { type: 'string', minLength: 1, maxLength: 200 } as const;
const check = checkOf<SchoolErrand>({
  type: 'object',
  required: ['state', 'nonce', 'verifier'],
  additionalProperties: false,
  properties: { state: part, nonce: part, verifier: part },
});

/** Remembers on this device, out of reach of scripts, what somebody left for the school's sign-in with. */
export async function keepErrand(errand: SchoolErrand): Promise<void> {
  (await cookies()).set(COOKIE, JSON.stringify(errand), {
    httpOnly: true,
    sameSite: 'lax',
    secure: getSettings().origin.startsWith('https:'),
    path: '/api/school',
    maxAge: PATIENCE,
  });
}

/** What was remembered, once; null where there is nothing, or something that is none of ours. */
export async function takeErrand(): Promise<SchoolErrand | null> {
  const store = await cookies();
  const kept = store.get(COOKIE)?.value;
  store.delete({ name: COOKIE, path: '/api/school' });
  try {
    const checked = check(JSON.parse(kept ?? 'null'));
    return checked.ok ? checked.value : null;
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}
