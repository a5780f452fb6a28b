'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { takeBackPeerWords } from '../../contract/peerReading/givePeerReading';
import { leavePeerGroups, makePeerGroups } from '../../contract/peerReading/makePeerGroups';
import type { PeerGroupsShown, PeerMemberShown } from '../../contract/peerReading/peerShown';
import { useDeed } from '../basics/useDeed';
import { useAddresses } from '../desk/useAddresses';
import { KeptApart } from './KeptApart';
import { PeerRuleForm } from './PeerRuleForm';

/** How the writers of an assignment read each other: what they are asked, who reads whom, and what was said. */
export function PeerGroups(props: PeerGroupsShown) {
  const t = useTranslations('peer.groups');
  const format = useFormatter();
  const addresses = useAddresses();
  const { assignmentId, title, rule, round, hidesNames, isSet } = props;
  const { act, busy, problem } = useDeed();
  const given = round?.groups.flat().flatMap(({ reads }) => reads.filter((one) => one.given)).length ?? 0;
  const readings = round?.groups.flat().flatMap(({ reads }) => reads).length ?? 0;
  return (
    <main className="page" id="main">
      <h1 className="says" dir="auto">
        {!rule
          ? t('notWanted', { title })
          : round?.takes
            ? t('waits', { when: round.takes })
            : round
              ? t('goes', { given, readings })
              : t('noGroups', { title })}
      </h1>
      <p className="under">
        <Link className="act" href={addresses.set(assignmentId)} prefetch={false}>
          {t('theSet')}
        </Link>
      </p>
      {hidesNames ? <p className="mt-4">{t('hidesNames')}</p> : null}
      {rule && !hidesNames ? (
        <section className="mt-5" aria-label={t('groups')}>
          {round?.takes ? (
            <p>
              {t('mayChange')}{' '}
              <button
                type="button"
                className="act"
                disabled={busy}
                onClick={() => void act(leavePeerGroups, { assignmentId, roundId: round.id })}
              >
                {t('takeBack')}
              </button>
            </p>
          ) : (
            <>
              <button
                type="button"
                className="btn go"
                disabled={busy || !isSet}
                onClick={() => void act(makePeerGroups, { assignmentId })}
              >
                {t(round ? 'makeAgain' : 'make')}
              </button>
              <p className="under mt-2">{t(isSet ? 'makeMeans' : 'notSet')}</p>
            </>
          )}
          <p role="alert" className="problem">
            {problem}
          </p>
          {round && round.alone.length > 0 ? (
            <p className="mt-4" dir="auto">
              {t('alone', { names: format.list(round.alone), count: round.alone.length })}
            </p>
          ) : null}
          {round && round.again.length > 0 ? (
            <p className="mt-2 calm" dir="auto">
              {t('again', {
                pairs: format.list(round.again.map(([one, other]) => t('pair', { one, other }))),
              })}
            </p>
          ) : null}
          {round ? (
            <ol className="peer-groups">
              {round.groups.map((group) => (
                <li key={group[0]?.personId}>
                  {group.map((member) => (
                    <Member key={member.personId} {...member} />
                  ))}
                </li>
              ))}
            </ol>
          ) : null}
        </section>
      ) : null}
      {hidesNames ? null : (
        <div className="mt-9 grid items-start gap-x-12 gap-y-10 lg:grid-cols-2">
          <PeerRuleForm key={JSON.stringify(rule)} assignmentId={assignmentId} rule={rule} />
          <KeptApart {...props} />
        </div>
      )}
    </main>
  );
}

function Member({ name, showed, reads }: PeerMemberShown) {
  const t = useTranslations('peer.groups');
  const { act, busy, problem } = useDeed();
  return (
    <div className="peer-member">
      <b dir="auto">{name}</b>
      {showed === false ? <span className="calm block">{t('showedNothing')}</span> : null}
      {reads.map(({ readingId, of, opened, given, useful, said }) => (
        <details key={readingId}>
          <summary>
            {t(given ? 'gave' : opened ? 'isReading' : 'hasNotRead', { of, count: said.length })}
            {useful ? <span className="calm"> {t('helped')}</span> : null}
          </summary>
          <ul>
            {said.map((one) => (
              <li key={one.name} dir="auto">
                {one.question === null ? null : <b className="block">{one.question}</b>}
                {one.quote === null ? null : <q>{one.quote}</q>} {one.words}{' '}
                {one.takenBack ? (
                  <span className="calm">{t('wasTakenBack')}</span>
                ) : (
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    onClick={() => void act(takeBackPeerWords, { readingId, name: one.name })}
                  >
                    {t('takeWordsBack')}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </details>
      ))}
      {problem ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
    </div>
  );
}
