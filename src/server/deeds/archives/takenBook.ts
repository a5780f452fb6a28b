import type { Action } from '../../../core/access/table';
import { may } from '../../../core/access/may';
import type { HouseLanguage } from '../../../core/languages/languages';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { findClass } from '../../tables/classes';
import { figuresOfBook, readBook } from '../gradebook/readBook';

/** Who takes a gradebook along, and in which language its words are. */
export interface BookTaker {
  readonly personId: string;
  readonly now: Date;
  readonly language: HouseLanguage;
}

/**
 * A class's gradebook as it is taken along as a file, with a line in the log: what stands before the eyes of who takes it, and nothing
 * that is withheld from them. Null for who may not.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function takenBook(classId: string, action: Action, { personId, now }: BookTaker) {
  const inClass = await findClass(database, classId);
  if (!inClass || !may(await findActor(database, classId, personId), action, {})) return null;
  const found = { classId, subjectId: classId };
  await writeAuditLine(database, { useCase: 'takeGradebook', found, personId, now });
  const book = await readBook(database, { personId, inClass, now });
  return { inClass, book, figures: await figuresOfBook(book, { now, by: personId }) };
}
