import { placeOf } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { findPassphraseSince } from '../../tables/passphrases';
import { maybeOpenClass } from '../../deeds/readers/openBlog';
import { REVERSIBLE_DAYS } from '../../../core/privacy/reversible';
import { findRetention } from '../../tables/retention';
import { IDLE } from '../../deeds/sessions/signIn';
import { getSettings } from '../../ground/settings/settings';
import { listMembers } from '../../tables/memberships';

/** The facts of a class's privacy notice, as its settings are now; null for whom the class blog is not there. */
export async function maybeNotice(address: string, personId: string | null) {
  const open = await maybeOpenClass(address, { personId, device: null, as: null });
  if (!open) return null;
  const { inClass } = open;
  const teacher = (await listMembers(database, inClass.id)).find((member) => member.role === 'teacher');
  const { timeZone, language } = placeOf(inClass);
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
    originSince: inClass.originSince && dateInWords(inClass.originSince.getTime(), timeZone, language),
    hasPassphrase: (await findPassphraseSince(database, inClass.id)) !== null,
    sharedHours: IDLE.shared.student / 3_600_000,
    reversibleDays: REVERSIBLE_DAYS,
    schoolSignIn: school?.name ?? null,
    retention: await findRetention(database),
    mailHost: new URL(mailServer).hostname,
  };
}
