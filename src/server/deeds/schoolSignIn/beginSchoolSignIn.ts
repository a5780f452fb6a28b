import {
  buildAuthorizationUrl,
  calculatePKCECodeChallenge,
  randomNonce,
  randomPKCECodeVerifier,
  randomState,
} from 'openid-client';
import { getSettings } from '../../ground/settings/settings';
import { schoolClient } from './schoolClient';

/** What has to be remembered between leaving for the school's sign-in and coming back. */
export interface SchoolErrand {
  readonly state: string;
  readonly nonce: string;
  readonly verifier: string;
}

/** Where the school sends people back to. */
export function returnAddress(): string {
  return `${getSettings().origin}/api/school/back`;
}

/** The address at the school where somebody signs in, and what is to be remembered on this device until they come back. */
export async function beginSchoolSignIn(): Promise<{
  readonly address: string;
  readonly errand: SchoolErrand;
}> {
  const errand = { state: randomState(), nonce: randomNonce(), verifier: randomPKCECodeVerifier() };
  const address = buildAuthorizationUrl(await schoolClient(), {
    redirect_uri: returnAddress(),
    scope: 'openid email profile',
    code_challenge: await calculatePKCECodeChallenge(errand.verifier),
    code_challenge_method: 'S256',
    state: errand.state,
    nonce: errand.nonce,
  });
  return { address: address.href, errand };
}
