'use client';
import { decideJoiningAnywhere } from '../../contract/people/decideJoiningAnywhere';
import { retryJobs } from '../../contract/administration/retryJobs';
import type { AccountRole } from '../../core/access/may';
import type { PressedHours } from '../../core/classes/deskRules';
import type { SchoolDuty } from '../../core/safety/caseReaders';
import type { Retention } from '../../core/privacy/retention';
import { PersonMenu } from '../desk/PersonMenu';
import type { PersonMenuProps } from '../desk/personMenuProps';
import { PlainLintel } from '../desk/PlainLintel';
import { useDeed } from '../basics/useDeed';
import { Decisions } from '../roster/JoinRequests';
import type { JoinRequest } from '../roster/rosterProps';
import { DraftsToOpen, type OpeningToDecide } from './DraftsToOpen';
import { AccountChoice } from './AccountChoice';
import { ClassesOfInstall, type ClassShown } from './ClassesOfInstall';
import { DutiesForm } from './DutiesForm';
import { FindPerson } from './FindPerson';
import { SchoolSpan } from './SchoolSpan';
import { RetentionForm } from './RetentionForm';
import { NewAccount } from './NewAccount';
import { useMadeWords } from '../basics/useMadeWords';

export interface InstallProps {
  readonly yourself: string;
  readonly menu: PersonMenuProps;
  readonly accounts: readonly {
    readonly personId: string;
    readonly name: string;
    readonly email: string | null;
    readonly account: AccountRole | null;
    readonly classes: number;
    readonly lastSeen: string | null;
    /** True for who has not chosen a password yet. */
    readonly waits: boolean;
  }[];
  readonly classes: readonly ClassShown[];
  readonly databaseMegabytes: number;
  /** What was tried often, by the limit's name; the subject is empty for who stays unnamed. */
  readonly limits: readonly {
    readonly name: string;
    readonly subject: string;
    readonly tries: number;
    readonly since: string;
  }[];
  readonly joining: readonly JoinRequest[];
  readonly jobs: readonly { readonly kind: string; readonly waiting: number; readonly givenUp: number }[];
  readonly mail: { readonly server: string; readonly from: string };
  readonly retention: Retention;
  /** Whom the school named for what. */
  readonly duties: readonly { readonly duty: SchoolDuty; readonly personId: string }[];
  /** How many worries wait for whoever looks. */
  readonly worries: number;
  /** How long at most a press without a line counts. */
  readonly schoolSpan: PressedHours;
  /** The last backup; null where none was made. */
  readonly backup: { readonly ago: string; readonly megabytes: number; readonly old: boolean } | null;
  /** The school's own sign-in, where there is one. */
  readonly school: { readonly name: string; readonly issuer: string } | null;
  readonly openings: readonly OpeningToDecide[] | null;
}

/** The install as a whole: accounts, classes and their sizes, what waits, what failed. Never anything that was written. */
export function Install(props: InstallProps) {
  const { backup, yourself, accounts, classes, databaseMegabytes, limits, jobs, mail } = props;
  const t = useMadeWords('install');
  const { act, busy, problem } = useDeed();
  const givenUp = jobs.reduce((sum, one) => sum + one.givenUp, 0);
  return (
    <>
      <PlainLintel home="/classes">
        <PersonMenu {...props.menu} />
      </PlainLintel>
      <main className="page" id="main">
        <h1 className="says">
          {givenUp > 0 ? t('somethingFailed', { count: givenUp }) : t('heading', { count: classes.length })}
        </h1>
        <p className="under">{t('under')}</p>
        {props.joining.length > 0 ? (
          <section className="mt-6 border-l-4 border-clay bg-board p-4">
            <h2 className="section-head">{t('joining.heading', { count: props.joining.length })}</h2>
            <Decisions
              requests={props.joining}
              busy={busy}
              onDecide={(decision) => void act(decideJoiningAnywhere, decision)}
            />
          </section>
        ) : null}
        <DraftsToOpen openings={props.openings ?? []} />
        <div className="mt-6 grid items-start gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,1fr)_360px]">
          <section>
            <h2 className="section-head">{t('accounts', { count: accounts.length })}</h2>
            <ul className="rows">
              {accounts.map((one) => (
                <li key={one.personId} className="sm:grid-cols-[1fr_200px_170px]">
                  <span>
                    <b>{one.name}</b>
                    <span className="calm block">{one.email}</span>
                  </span>
                  <span className="calm">
                    {t('teaches', { count: one.classes })},{' '}
                    {one.waits ? t('waits') : one.lastSeen ? t('seen', { when: one.lastSeen }) : t('notYet')}
                  </span>
                  <AccountChoice {...one} own={one.personId === yourself} />
                </li>
              ))}
            </ul>
            <p role="alert" className="problem">
              {problem}
            </p>
            <h2 className="section-head mt-10">
              {t('classes', { count: classes.length })}{' '}
              <small>{t('size', { size: databaseMegabytes })}</small>
            </h2>
            <ClassesOfInstall
              classes={classes}
              teachers={accounts.filter((one) => one.account !== null && !one.waits)}
            />
            <div className="mt-10 grid gap-10">
              <DutiesForm
                accounts={accounts.filter((one) => one.account !== null && !one.waits)}
                duties={props.duties}
                worries={props.worries}
              />
              <FindPerson />
              <RetentionForm retention={props.retention} />
              <SchoolSpan hours={props.schoolSpan} />
            </div>
          </section>
          <div className="grid gap-10">
            <NewAccount />
            <section>
              <h2 className="section-head">{t('backup.heading')}</h2>
              <p className={backup && !backup.old ? 'under mt-2' : 'problem mt-2'}>
                {backup
                  ? t(backup.old ? 'backup.old' : 'backup.last', {
                      ago: backup.ago,
                      megabytes: backup.megabytes,
                    })
                  : t('backup.none')}
              </p>
              <p className="under mt-2">{props.school ? t('school.is', props.school) : t('school.none')}</p>
            </section>
            <section>
              <h2 className="section-head">{t('work')}</h2>
              <p className="under mt-2">{t('mail', { server: mail.server, from: mail.from })}</p>
              <ul className="rows">
                {jobs.map((one) => (
                  <li key={one.kind} className="grid-cols-[1fr_auto]">
                    <span>{t.has(`kinds.${one.kind}`) ? t(`kinds.${one.kind}`) : one.kind}</span>
                    <span className="calm">
                      {t('waiting', { waiting: one.waiting, givenUp: one.givenUp })}
                    </span>
                  </li>
                ))}
              </ul>
              <button
                type="button"
                className="act mt-3"
                disabled={busy}
                onClick={() => void act(retryJobs, {})}
              >
                {t('retry')}
              </button>
            </section>
            <section>
              <h2 className="section-head">{t('wrongTries')}</h2>
              {limits.length === 0 ? <p className="under mt-2">{t('noWrongTries')}</p> : null}
              <ul className="rows">
                {limits.map((one) => (
                  <li key={`${one.name} ${one.subject} ${one.since}`} className="grid-cols-[1fr_auto]">
                    <span>
                      {t(`limits.${one.name}`)}
                      {one.subject ? <b className="block break-all">{one.subject}</b> : null}
                    </span>
                    <span className="calm">{t('tries', { count: one.tries, since: one.since })}</span>
                  </li>
                ))}
              </ul>
            </section>
          </div>
        </div>
      </main>
    </>
  );
}
