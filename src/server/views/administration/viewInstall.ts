import { spokenTag, type HouseLanguage } from '../../../core/languages/languages';
import { may, type AccountRole } from '../../../core/access/may';
import { agoInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { countJobs } from '../../ground/jobs/queries';
import { listWaitingRequests } from '../../tables/joinRequests';
import { listDuties } from '../../tables/schoolDuties';
import { findSchoolSpan } from '../../tables/schoolRules';
import { findLatestBackup, findRetention } from '../../tables/retention';
import { getSettings } from '../../ground/settings/settings';
import { listMostTried } from '../../ground/limits/queries';
import { databaseSize, listAccounts, listClassSizes } from '../../tables/install';
import { requestShown } from '../roster/requestShown';
import { countWorriesWaiting } from '../worries/viewWorries';
import { maybeOpeningsToDecide } from '../safety/viewOpenings';

const DAY = 86_400_000;
/** A backup is made every day; one that is older than this was forgotten. */
const OLD_BACKUP = 2 * DAY;

/** What an administrator sees of the install; null for everybody else. */
export async function maybeInstall({
  personId,
  account,
  language,
  now,
}: {
  readonly personId: string;
  readonly account: AccountRole | null;
  readonly language: HouseLanguage;
  readonly now: Date;
}) {
  if (!may({ personId, role: null, account }, 'install.manage', {})) return null;
  const place = { timeZone: 'UTC', language: spokenTag(language, null) };
  const ago = (at: Date) => agoInWords(at.getTime(), now.getTime(), place.timeZone, place.language);
  const { mailServer, mailFrom, school } = getSettings();
  const backup = await findLatestBackup(database);
  return {
    yourself: personId,
    accounts: (await listAccounts(database)).map((one) => ({
      personId: one.personId,
      name: `${one.givenName} ${one.familyName}`.trim(),
      email: one.email,
      account: one.account,
      classes: one.classes,
      lastSeen: one.lastSeenAt && ago(one.lastSeenAt),
      waits: !one.hasPassword,
    })),
    classes: (await listClassSizes(database)).map((one) => ({ ...one, resting: one.resting === 1 })),
    databaseMegabytes: Math.round((await databaseSize(database)) / 1024 / 1024),
    limits: (await listMostTried(database, new Date(now.getTime() - DAY))).map(({ since, ...one }) => ({
      ...one,
      since: ago(since),
    })),
    jobs: await countJobs(database),
    duties: (await listDuties(database)).map(({ duty, personId }) => ({ duty, personId })),
    worries: await countWorriesWaiting(personId),
    retention: await findRetention(database),
    schoolSpan: await findSchoolSpan(database),
    backup: backup && {
      ago: ago(backup.madeAt),
      megabytes: Math.ceil(backup.bytes / 1024 / 1024),
      old: now.getTime() - backup.madeAt.getTime() > OLD_BACKUP,
    },
    school: school && { name: school.name, issuer: school.issuer },
    joining: (await listWaitingRequests(database)).map(requestShown(now, place)),
    openings: await maybeOpeningsToDecide({ personId, account, now }),
    mail: { server: new URL(mailServer).host, from: mailFrom },
  };
}
