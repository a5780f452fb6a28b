import { done, refused, type Result } from '../../ground/access/useCase';
import { TooBusy } from './gradesInBook';
import { readBook, type Book } from './readBook';

/** The book of a class for a deed; refused where its figures cannot be made now. */
export async function bookInTime(...asked: Parameters<typeof readBook>): Promise<Result<Book>> {
  try {
    return done(await readBook(...asked));
  } catch (error) {
    if (error instanceof TooBusy) return refused('sameMoment');
    throw error;
  }
}
