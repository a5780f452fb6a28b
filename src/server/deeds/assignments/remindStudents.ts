import { remindStudents as deed } from '../../../contract/assignments/remindStudents';
import { localDate } from '../../../core/timing/zonedTime';
import { languageOf } from '../../../core/languages/languages';
import { done, refused } from '../../ground/access/useCase';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { listAddressed } from '../../tables/people';
import { listAwayOn } from '../../tables/absences';
import { listReminders, upsertReminders } from '../../tables/reminders';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { askedStudents } from './askedStudents';

/** The same words to the same student within so many milliseconds are the same reminder. */
const AT_ONCE = 3_600_000;

export const remindStudents = assignmentUseCase(deed, {
  turn: true,
  async run(input, { assignment, inClass }, { database, personId: by, now }) {
    const words = input.words.trim();
    if (words === '') return refused('assignment.noWords', 'words');
    if (!assignment.setAt) return refused('assignment.notSet');
    const asked = await askedStudents(database, inClass.id, input.personIds);
    if (!asked.ok) return asked;
    const { id: assignmentId, title } = assignment;
    // Whoever is away is reminded of nothing.
    const away = await listAwayOn(database, inClass.id, localDate(now.getTime(), inClass.timeZone));
    const last = new Map(
      (await listReminders(database, { assignmentId })).map((one) => [one.personId, one] as const),
    );
    const reminded = asked.value
      .map(({ personId }) => personId)
      .filter((personId) => {
        if (away.has(personId)) return false;
        const before = last.get(personId);
        return before?.words !== words || now.getTime() - before.at.getTime() > AT_ONCE;
      });
    await upsertReminders(database, { assignmentId, personIds: reminded, words, by, at: now });
    const addressed = await listAddressed(database, reminded);
    const link = `${getSettings().origin}/today`;
    for (const { email, language } of addressed)
      await sendMail(database, {
        to: email,
        kind: 'reminder',
        language: languageOf(language, inClass.language),
        values: { assignment: title, title: inClass.title, link },
        now,
      });
    return done({ reminded: reminded.length, mailed: addressed.length });
  },
});
