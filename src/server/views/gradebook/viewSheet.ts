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
  const asked = { inClass, personIds: [personId], now, language: place.language };
  const { rules, inTerms } = await readTold(database, asked);
  return {
    ...{ classId: inClass.id, classTitle: inClass.title, rounding: rules.rounding },
    terms: inTerms(personId),
  };
}
