'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import { acceptInvitation, type InvitationAnswer } from '../../contract/doors/acceptInvitation';
import { ask } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';
import { Frame } from './Frame';

export interface AcceptInvitationProps {
  readonly token: string;
  /** Null for a link that leads nowhere. */
  readonly invitation: {
    readonly state: 'open' | 'expired' | 'used' | 'withdrawn';
    readonly classId: string;
    readonly title: string;
    readonly schoolName: string;
    readonly role: 'coTeacher' | 'supplyTeacher' | 'studentEditor' | 'student' | 'reader';
    readonly email: string;
    readonly hasAccount: boolean;
  } | null;
  /** Who is signed in on this device, by name. */
  readonly signedInAs: string | null;
}

/** Where one goes on: who is to read, to the blog by way of Today; who stands in for a teacher, to where the class is. */
function firstPageOf({ role, classId }: NonNullable<AcceptInvitationProps['invitation']>): string {
  if (role === 'supplyTeacher') return addressesOf(classId).whereWeAre;
  return role === 'reader' ? '/today' : '/classes';
}

/** An invitation from its link: accepted as who is signed in, with an account that exists, or with a new one. */
export function AcceptInvitation({ token, invitation, signedInAs }: AcceptInvitationProps) {
  const t = useTranslations('account.invitation');
  const [has, setHas] = useState(invitation?.hasAccount ?? false);
  const [typed, setTyped] = useState({
    givenName: '',
    familyName: '',
    email: invitation?.email ?? '',
    password: '',
  });
  const { busy, problem, field, problemAt, wait } = useAsking();
  const accept = async (input: InvitationAnswer) => {
    const outcome = await wait(ask(acceptInvitation, input), { leaves: true });
    if (outcome.ok && invitation) window.location.assign(firstPageOf(invitation));
  };
  if (invitation?.state !== 'open')
    return (
      <Frame home="/">
        <h1 className="says">{t(`state.${invitation?.state ?? 'unknown'}`)}</h1>
        <p className="under mt-2">{t(`whatNow.${invitation?.state ?? 'unknown'}`)}</p>
      </Frame>
    );
  const { title, schoolName, role, email } = invitation;
  const change = (part: Partial<typeof typed>) => setTyped({ ...typed, ...part });
  const named = ['givenName', 'familyName', 'email', 'password'];
  return (
    <Frame home="/">
      <h1 className="says">{t('heading', { title })}</h1>
      <p className="under mb-6 mt-1">{t('asked', { school: schoolName || title, role, email })}</p>
      {signedInAs ? (
        <p className="mb-8 grid gap-3">
          <button
            type="button"
            className="btn go justify-self-start"
            disabled={busy}
            onClick={() => void accept({ as: 'signedIn', token })}
          >
            {t('acceptAs', { name: signedInAs })}
          </button>
          <span className="text-ink-2">{t('orElse')}</span>
        </p>
      ) : null}
      <form
        className="grid gap-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          const { givenName, familyName, password } = typed;
          void accept(
            has
              ? { as: 'account', token, email: typed.email, password }
              : { as: 'new', token, givenName, familyName, password },
          );
        }}
      >
        {has ? (
          <Field
            label={t('email')}
            type="email"
            autoComplete="username"
            value={typed.email}
            problem={problemAt('email')}
            onText={(text) => change({ email: text })}
          />
        ) : (
          <>
            <Field
              label={t('givenName')}
              autoComplete="given-name"
              maxLength={120}
              value={typed.givenName}
              problem={problemAt('givenName')}
              onText={(text) => change({ givenName: text })}
            />
            <Field
              label={t('familyName')}
              autoComplete="family-name"
              maxLength={120}
              value={typed.familyName}
              problem={problemAt('familyName')}
              onText={(text) => change({ familyName: text })}
            />
          </>
        )}
        <Field
          label={t(has ? 'password' : 'newPassword')}
          hint={has ? '' : t('passwordHint')}
          type="password"
          autoComplete={has ? 'current-password' : 'new-password'}
          maxLength={200}
          value={typed.password}
          problem={problemAt('password')}
          onText={(text) => change({ password: text })}
        />
        {problem && !named.includes(field) ? (
          <p role="alert" className="problem">
            {problem}
          </p>
        ) : null}
        <button className="btn go justify-self-start" disabled={busy}>
          {t(has ? 'acceptWithAccount' : 'acceptNew')}
        </button>
      </form>
      <p className="mt-6">
        <button type="button" className="act" onClick={() => setHas(!has)}>
          {t(has ? 'noAccount' : 'haveAccount')}
        </button>
      </p>
    </Frame>
  );
}
