'use client';

import { archiveAddress } from '../../contract/addresses';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useAddresses } from '../desk/useAddresses';
import { useState } from 'react';
import { fold } from '../../core/text/alike';
import { changePerson } from '../../contract/people/changePerson';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';
import type { RosterStudent } from './rosterProps';

interface PersonFormProps {
  readonly classId: string;
  readonly person: RosterStudent;
  /** The other students of the class. */
  readonly others: readonly RosterStudent[];
  readonly onClose: () => void;
}

const FIELDS = ['givenName', 'familyName', 'penName', 'group', 'email', 'schoolId'] as const;
const LONGEST = {
  givenName: 120,
  familyName: 120,
  penName: 80,
  group: 60,
  email: 254,
  schoolId: 100,
} as const;

/** What is known of a student, to be changed; each problem stands at its field. */
export function PersonForm({ classId, person, others, onClose }: PersonFormProps) {
  const t = useTranslations('roster.form');
  const addresses = useAddresses();
  const { act, busy, problem, field } = useDeed();
  const [known, setKnown] = useState(
    Object.fromEntries(FIELDS.map((name) => [name, person[name]])) as Record<(typeof FIELDS)[number], string>,
  );
  // Two with one pen name could not be told apart outside the class.
  const penName = fold(known.penName.trim());
  const namesake = penName === '' ? undefined : others.find((one) => fold(one.penName) === penName);
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        if (await act(changePerson, { classId, personId: person.personId, ...known })) onClose();
      }}
    >
      <h2 className="font-read text-[23px] font-semibold">{person.name}</h2>
      <p className="under">{t('whoSees')}</p>
      {FIELDS.map((name) => (
        <Field
          key={name}
          label={t(name)}
          autoComplete="off"
          maxLength={LONGEST[name]}
          value={known[name]}
          problem={field === name ? problem : ''}
          {...(name === 'penName' && namesake ? { hint: t('penNameAlso', { name: namesake.name }) } : {})}
          onText={(text) => setKnown({ ...known, [name]: text })}
        />
      ))}
      {problem && !FIELDS.some((name) => name === field) ? (
        <p className="problem" role="alert">
          {problem}
        </p>
      ) : null}
      <span className="mt-2 flex flex-wrap gap-3">
        <button className="btn go" disabled={busy}>
          {t('keep')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onClose}>
          {t('leave')}
        </button>
        {person.signIn === 'ownAccount' ? null : (
          <Link className="btn" href={`${addresses.cards}?for=${person.personId}`}>
            {t('newCard')}
          </Link>
        )}
        <a className="btn" href={archiveAddress.ofPerson(person.personId)} download>
          {t('archive')}
        </a>
      </span>
    </form>
  );
}
