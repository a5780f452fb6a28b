import { cookies, headers } from 'next/headers';
import { cache } from 'react';
import { EYES } from '../../core/access/eyes';
import type { Reader } from '../ground/access/reader';
import { deviceName } from '../deeds/sessions/deviceName';
import { newToken } from '../ground/secrets/secrets';
import { findSession, type Session } from '../deeds/sessions/session';
import { getSettings } from '../ground/settings/settings';

const COOKIE = 'porch_session';
const DEVICE_COOKIE = 'porch_device';

/**
 * Writes are taken from our own pages only: the browser names the origin of every request that is not a plain read. Where the
 * install has an encrypted origin it must be that one; else it must be the host that was asked.
 */
export function isSameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin');
  const host = request.headers.get('host');
  if (!origin || !host) return false;
  const own = getSettings().origin;
  if (own.startsWith('https:')) return origin === own;
  try {
    return new URL(origin).host === host;
  } catch {
    // "null" and the like are no origins.
    return false;
  }
}

/**
 * The network address that a request came from: what the proxy nearest to us says, which stands last. Whatever stands
 * before it the sender may have written.
 */
export function addressOf(request: Request): string {
  return (request.headers.get('x-forwarded-for') ?? '').split(',').at(-1)?.trim().slice(0, 40) || 'unknown';
}

/** What kind of device a request came from, in words. */
export function deviceOf(request: Request): string {
  return deviceName(request.headers.get('user-agent') ?? '');
}

/** The session of the present request, read once for all that asks. */
export const currentSession = cache(async (): Promise<Session | null> => {
  const token = (await cookies()).get(COOKIE)?.value;
  return token ? findSession(token, new Date()) : null;
});

/** The token of the present request's session. */
export async function currentToken(): Promise<string | null> {
  return (await cookies()).get(COOKIE)?.value ?? null;
}

/** Puts the session into the browser: out of reach of scripts, and never sent along from other sites. */
export async function keepToken(token: string, expires: Date): Promise<void> {
  (await cookies()).set(COOKIE, token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: getSettings().origin.startsWith('https:'),
    path: '/',
    expires,
  });
}

/** Takes the session out of the browser. */
export async function dropToken(): Promise<void> {
  (await cookies()).delete(COOKIE);
}

/** The token of a device that shows a passphrase; it is made when there is none yet and remembered for a year. */
export async function keepDevice(): Promise<string> {
  const kept = await currentDevice();
  if (kept) return kept;
  const device = newToken();
  (await cookies()).set(DEVICE_COOKIE, device, {
    httpOnly: true,
    sameSite: 'lax',
    secure: getSettings().origin.startsWith('https:'),
    path: '/',
    maxAge: 365 * 24 * 60 * 60,
  });
  return device;
}

async function currentDevice(): Promise<string | null> {
  return (await cookies()).get(DEVICE_COOKIE)?.value ?? null;
}

/** Who reads a class blog with the present request. @param as whose eyes a teacher wants to read with */
export async function currentReader(as?: string | string[]): Promise<Reader> {
  const personId = (await currentSession())?.person.id ?? null;
  return { personId, device: await currentDevice(), as: EYES.find((eyes) => eyes === as) ?? null };
}

/** The nonce that this page's scripts and styles carry. */
export async function currentNonce(): Promise<string> {
  return (await headers()).get('x-nonce') ?? '';
}
