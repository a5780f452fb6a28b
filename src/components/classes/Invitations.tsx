'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { invite } from '../../contract/invitations/invite';
import { resendInvitation } from '../../contract/invitations/resendInvitation';
import { withdrawInvitation } from '../../contract/invitations/withdrawInvitation';
import { Field } from '../basics/Field';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';

type Role = 'coTeacher' | 'supplyTeacher' | 'studentEditor' | 'student' | 'reader';

interface Shown {
  readonly id: string;
  readonly email: string;
  readonly role: Role;
  /** The student of the roster that it is for. */
  readonly for: string | null;
  readonly state: 'open' | 'expired' | 'used' | 'withdrawn';
  readonly sent: string;
  readonly until: string;
}

export interface InvitationsProps {
  readonly classId: string;
  readonly invitations: readonly Shown[];
  readonly students: readonly { readonly personId: string; readonly name: string; readonly email: string }[];
}

const MARKS = { open: 's-h', expired: 's-g', used: 's-m', withdrawn: 's-u' } as const;

/** Who was asked into the class by mail, what became of it, and asking more. */
export function Invitations({ classId, invitations, students }: InvitationsProps) {
  const t = useTranslations('invitations');
  const { act, busy, problem } = useDeed();
  const waiting = invitations.filter((one) => one.state === 'open').length;
  return (
    <main className="page" id="main">
      <h1 className="says">{invitations.length === 0 ? t('none') : t('heading', { count: waiting })}</h1>
      <p className="under">{t('under')}</p>
      <div className="mt-6 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_360px]">
        <div>
          <ul className="rows">
            {invitations.map((one) => (
              <InvitationRow key={one.id} classId={classId} invitation={one} />
            ))}
          </ul>
          {students.length > 0 ? (
            <section className="mt-8">
              <h2 className="section-head">{t('students', { count: students.length })}</h2>
              <ul className="rows">
                {students.map((one) => (
                  <li key={one.personId} className="sm:grid-cols-[160px_1fr_auto]">
                    <b>{one.name}</b>
                    <span className="calm">{one.email}</span>
                    <button
                      type="button"
                      className="act"
                      disabled={busy}
                      aria-label={t('askName', { name: one.name })}
                      onClick={() =>
                        void act(invite, {
                          classId,
                          role: 'student',
                          email: one.email,
                          personId: one.personId,
                        })
                      }
                    >
                      {t('ask')}
                    </button>
                  </li>
                ))}
              </ul>
              <p role="alert" className="problem">
                {problem}
              </p>
            </section>
          ) : null}
        </div>
        <NewInvitation classId={classId} />
      </div>
    </main>
  );
}

function InvitationRow({ classId, invitation }: { readonly classId: string; readonly invitation: Shown }) {
  const t = useTranslations('invitations');
  const { act, busy, problem } = useDeed();
  const [email, setEmail] = useState<string | null>(null);
  const { id, state } = invitation;
  const send = async () => {
    if (await act(resendInvitation, { classId, invitationId: id, email: email ?? invitation.email }))
      setEmail(null);
  };
  return (
    <li className="sm:grid-cols-[24px_1fr_200px_auto]">
      <Mark id={MARKS[state]} className="s" />
      <span>
        <b>{invitation.email}</b>
        <span className="calm block">
          {t(`role.${invitation.role}`)}
          {invitation.for ? `, ${invitation.for}` : ''}
        </span>
      </span>
      <span className="calm">{t(`state.${state}`, { sent: invitation.sent, until: invitation.until })}</span>
      {state === 'used' ? (
        <span />
      ) : (
        <span className="flex flex-wrap gap-4">
          <button
            type="button"
            className="act"
            disabled={busy}
            aria-label={t('againTo', { email: invitation.email })}
            onClick={() => void send()}
          >
            {t('again')}
          </button>
          <button
            type="button"
            className="act"
            aria-label={t('correctTo', { email: invitation.email })}
            onClick={() => setEmail(email === null ? invitation.email : null)}
          >
            {t('correct')}
          </button>
          {state === 'open' ? (
            <button
              type="button"
              className="act"
              disabled={busy}
              aria-label={t('withdrawTo', { email: invitation.email })}
              onClick={() => void act(withdrawInvitation, { classId, invitationId: id })}
            >
              {t('withdraw')}
            </button>
          ) : null}
        </span>
      )}
      {email === null ? null : (
        <form
          className="col-span-full flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send();
          }}
        >
          <span className="min-w-[240px] flex-1">
            <Field
              label={t('correctAddress')}
              type="email"
              value={email}
              problem={problem}
              onText={setEmail}
            />
          </span>
          <button className="btn go" disabled={busy}>
            {t('sendThere')}
          </button>
        </form>
      )}
      {problem && email === null ? (
        <p role="alert" className="problem col-span-full">
          {problem}
        </p>
      ) : null}
    </li>
  );
}

function NewInvitation({ classId }: { readonly classId: string }) {
  const t = useTranslations('invitations');
  const { act, busy, problem, field } = useDeed();
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<Role>('reader');
  const [lastDay, setLastDay] = useState('');
  const [sent, setSent] = useState('');
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        const until = role === 'supplyTeacher' && lastDay ? { lastDay } : {};
        if (!(await act(invite, { classId, role, email, personId: null, ...until }))) return;
        setSent(email);
        setEmail('');
      }}
    >
      <h2 className="section-head">{t('new')}</h2>
      <fieldset className="grid gap-2">
        <legend className="sr-only">{t('asWhat')}</legend>
        {(['reader', 'coTeacher', 'supplyTeacher', 'student', 'studentEditor'] as const).map((one) => (
          <label key={one} className="flex items-start gap-3">
            <input
              type="radio"
              name="role"
              className="mt-1"
              checked={role === one}
              onChange={() => setRole(one)}
            />
            <span>
              <b>{t(`role.${one}`)}</b>
              <span className="block text-ink-2">{t(`means.${one}`)}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {role === 'supplyTeacher' ? (
        <Field
          label={t('lastDay')}
          type="date"
          value={lastDay}
          problem={field === 'lastDay' ? problem : ''}
          onText={setLastDay}
        />
      ) : null}
      <Field
        label={t('email')}
        type="email"
        autoComplete="off"
        maxLength={254}
        value={email}
        problem={field === 'lastDay' ? '' : problem}
        onText={setEmail}
      />
      <p role="status" className="text-ink-2">
        {sent ? t('isSent', { email: sent }) : ''}
      </p>
      <button className="btn go justify-self-start" disabled={busy || email.trim() === ''}>
        {t('send')}
      </button>
    </form>
  );
}
