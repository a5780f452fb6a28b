'use client';

import { Printer } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf, archiveAddress } from '../../contract/addresses';
import { useState } from 'react';
import { useFocusOnStep } from '../basics/useFocusOnStep';
import { useNumberInWords } from '../basics/useNumberInWords';
import { Absences } from './Absences';
import { AddPeople } from './AddPeople';
import { Consents } from './Consents';
import { DeletePerson } from './DeletePerson';
import { Gone } from './Gone';
import { AnotherSpeaks, HandOn } from './HomeClass';
import { JoinRequests } from './JoinRequests';
import { PersonForm } from './PersonForm';
import { RosterTable } from './RosterTable';
import { needsHelp, type RosterProps } from './rosterProps';

/** The people of a class: who is in, who needs help to get in, and where more come in. */
export function Roster(props: RosterProps) {
  const { classId, students, gone } = props;
  const t = useTranslations('roster');
  const inWords = useNumberInWords();
  const [editing, setEditing] = useState<string | null>(null);
  const side = useFocusOnStep<HTMLElement>(editing ?? '');
  const edit = (personId: string) => {
    setEditing(personId);
    // Where the form stands below the list, it would open unseen.
    requestAnimationFrame(() => side.current?.scrollIntoView({ block: 'nearest' }));
  };
  const waiting = students.filter(needsHelp).length;
  const person = students.find((one) => one.personId === editing);
  return (
    <main className="roster" id="main">
      <section className="roster-list" aria-label={t('people')}>
        <div className="flex flex-wrap items-start justify-between gap-4">
          <div>
            <h1 className="says">
              {students.length === 0
                ? t('nobodyYet')
                : waiting > 0
                  ? t('cannotGetIn', { count: waiting, number: inWords(waiting), of: students.length })
                  : t('allIn', { count: students.length, number: inWords(students.length) })}
            </h1>
            <p className="under">
              {students.length === 0 ? t('beginHere') : waiting > 0 ? t('theyNeed') : t('nothingToDo')}
            </p>
          </div>
          {students.length > 0 ? (
            <span className="flex flex-wrap items-center gap-4">
              {/* A file, not a page: nothing for the router. */}
              <a className="act" href={archiveAddress.ofRoster(classId)} download>
                {t('asCsv')}
              </a>
              <Link className="btn" href={addressesOf(classId).cards}>
                <Printer aria-hidden="true" size={16} /> {t('printCards')}
              </Link>
            </span>
          ) : null}
        </div>
        <JoinRequests classId={classId} requests={props.requests} />
        {students.length > 0 ? <RosterTable {...props} onEdit={edit} /> : null}
        {gone.length > 0 ? <Gone classId={classId} gone={gone} /> : null}
      </section>
      <aside
        ref={side}
        className="roster-side"
        aria-label={person ? t('person', { name: person.name }) : t('add.title')}
      >
        {person && !person.home.ours ? (
          <>
            <AnotherSpeaks person={person} onClose={() => setEditing(null)} />
            <Absences
              key={`absences of ${person.personId}`}
              classId={classId}
              person={person}
              today={props.today}
            />
          </>
        ) : person ? (
          <>
            <PersonForm
              key={person.personId}
              classId={classId}
              person={person}
              others={students.filter((one) => one !== person)}
              onClose={() => setEditing(null)}
            />
            <Absences
              key={`absences of ${person.personId}`}
              classId={classId}
              person={person}
              today={props.today}
            />
            <Consents
              key={`consents of ${person.personId}`}
              classId={classId}
              person={person}
              today={props.today}
            />
            <HandOn key={`home of ${person.personId}`} classId={classId} person={person} />
            <DeletePerson
              key={`deleting ${person.personId}`}
              classId={classId}
              person={person}
              onDeleted={() => setEditing(null)}
            />
          </>
        ) : (
          <AddPeople classId={classId} />
        )}
      </aside>
    </main>
  );
}
