import {
  authorizationCodeGrant,
  AuthorizationResponseError,
  ClientError,
  fetchUserInfo,
  ResponseBodyError,
  type UserInfoResponse,
} from 'openid-client';
import { done, refused, type Result } from '../../ground/access/useCase';
import { inTransaction, type Database } from '../../ground/database/database';
import { findPerson, findLivePersonByEmail, type PersonRow } from '../../tables/people';
import { findPersonIdBySchool, updateSchoolSubject } from '../../tables/schoolSignIns';
import { openSession, type OpenedSession } from '../sessions/openSession';
import { IDLE } from '../sessions/signIn';
import { returnAddress, type SchoolErrand } from './beginSchoolSignIn';
import { schoolClient } from './schoolClient';

/**
 * Signs in whoever comes back from the school's sign-in: somebody who came that way before, or whom the school vouches
 * for by a verified address or its own identifier. Nobody gets an account by this; they are taken in first.
 * @param query the query of the address that the school sent them back to
 */
export async function endSchoolSignIn(
  query: string,
  {
    errand,
    device,
    now,
  }: { readonly errand: SchoolErrand | null; readonly device: string; readonly now: Date },
): Promise<Result<OpenedSession>> {
  if (!errand) return refused('school.lostErrand');
  const claims = await claimsOf(query, errand);
  if (!claims) return refused('school.notVouched');
  return inTransaction(async (transaction) => {
    const person = await personFor(transaction, claims);
    if (!person) return refused('school.unknownPerson');
    await updateSchoolSubject(transaction, person.id, claims.sub);
    const { id: personId, lastClassId: classId } = person;
    return done(
      await openSession(transaction, { personId, classId, device, idle: IDLE.shared.student, now }),
    );
  });
}

/** What the school says of somebody, or null where it did not vouch for anybody. */
async function claimsOf(query: string, errand: SchoolErrand): Promise<UserInfoResponse | null> {
  try {
    const client = await schoolClient();
    const tokens = await authorizationCodeGrant(client, new URL(`${returnAddress()}${query}`), {
      pkceCodeVerifier: errand.verifier,
      expectedState: errand.state,
      expectedNonce: errand.nonce,
      idTokenExpected: true,
    });
    const subject = tokens.claims()?.sub;
    return subject ? await fetchUserInfo(client, tokens.access_token, subject) : null;
  } catch (error) {
    // Refused at the school, broken off, or tampered with on the way.
    if (
      error instanceof AuthorizationResponseError ||
      error instanceof ResponseBodyError ||
      error instanceof ClientError
    )
      return null;
    throw error;
  }
}

async function personFor(transaction: Database, claims: UserInfoResponse): Promise<PersonRow | null> {
  const known = await findPersonIdBySchool(transaction, claims.sub);
  if (known) return findPerson(transaction, known);
  // An address counts only where the school has made sure of it.
  return claims.email && claims.email_verified
    ? findLivePersonByEmail(transaction, claims.email.toLowerCase())
    : null;
}
