import type { SheetShown } from '../../../contract/gradebook/sheetShown';
import { may } from '../../../core/access/may';
import { readTold } from '../../deeds/gradebook/readTold';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';

/** The figures that a student of a class was told, for themselves alone; null for everybody else. */
export async function maybeOwnSheet({
  personId,
  role,
  inClass,
  now,
  place,
}: Desk): Promise<SheetShown | null> {
  if (!may({ personId, role }, 'gradebook.own', {})) return null;
  const { rules, terms } = await readTold(database, { inClass, personId, now, language: place.language });
  return { classId: inClass.id, classTitle: inClass.title, rounding: rules.rounding, terms };
}
