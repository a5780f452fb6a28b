import { may } from '../../core/access/may';
import { teacherName } from '../../core/people/names';
import { findActor } from '../access/roles';
import { database } from '../database/database';
import { findPassphraseSince } from '../passphrases/queries';
import { REVERSIBLE_DAYS } from '../people/deletion';
import { findRetention } from '../retention/queries';
import { IDLE } from '../sessions/signIn';
import { getSettings } from '../settings/settings';
import { findClassByAddress, listMembers } from './queries';

/** The facts of a class's privacy notice, as its settings are now; null for whom the class blog is not there. */
export async function maybeNotice(address: string, personId: string | null) {
  const inClass = await findClassByAddress(database, address);
  if (!inClass) return null;
  const actor = await findActor(database, inClass.id, personId);
  if (!may(actor, 'class.readBlog', { ceiling: inClass.ceiling })) return null;
  const teacher = (await listMembers(database, inClass.id)).find((member) => member.role === 'teacher');
  const { school, mailServer } = getSettings();
  const { title, schoolName, ceiling, namingRule, consentNeeded, searchEngines, editorsRead } = inClass;
  return {
    title,
    address: inClass.address,
    schoolName,
    teacher: teacher ? teacherName(teacher) : '',
    ceiling,
    namingRule,
    consentNeeded,
    searchEngines,
    editorsRead,
    hasPassphrase: (await findPassphraseSince(database, inClass.id)) !== null,
    sharedHours: IDLE.shared.student / 3_600_000,
    reversibleDays: REVERSIBLE_DAYS,
    schoolSignIn: school?.name ?? null,
    retention: await findRetention(database),
    mailHost: new URL(mailServer).hostname,
  };
}
