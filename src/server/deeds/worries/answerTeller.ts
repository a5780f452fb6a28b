import { answerTeller as deed } from '../../../contract/worries/answerTeller';
import { languageOf } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { done, refused } from '../../ground/access/useCase';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { updateCase } from '../../tables/cases';
import { findPerson } from '../../tables/people';
import { caseUseCase, noteInCase } from './caseUseCase';

export const answerTeller = caseUseCase(deed, {
  async run({ caseId, answer: typed }, row, context) {
    const { database, personId, now } = context;
    const answer = typed.trim();
    if (row.answer === answer) return done(null);
    if (row.answer !== null) return refused('worry.answered', 'answer');
    if (answer === '') return refused('worry.noAnswer', 'answer');
    const teller = row.toldBy === null ? null : await findPerson(database, row.toldBy);
    if (!teller) return refused('worry.nobodyToAnswer', 'answer');
    const person = await findPerson(database, personId);
    await updateCase(database, row, { answer, answeredName: person ? teacherName(person) : '', at: now });
    await noteInCase(context, caseId, 'answered');
    if (teller.email !== null && teller.deletedAt === null)
      await sendMail(database, {
        to: teller.email,
        kind: 'worryAnswered',
        language: languageOf(teller.language, null),
        values: { name: teller.givenName, link: `${getSettings().origin}/told` },
        now,
      });
    return done(null);
  },
});
