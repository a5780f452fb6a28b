import { gradeShown } from '../../deeds/reviews/gradeShown';
import { may } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { placeOf, type HouseLanguage } from '../../../core/languages/languages';
import { dateInWords, momentInWords } from '../../../core/timing/inWords';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { notesShown } from '../../deeds/notes/notesShown';
import { findPostToShow } from '../../deeds/subjects/findPostToActOn';
import { listLeftPosts } from '../../tables/postsOfClass';
import { openStored } from '../../tables/columns';

/** What somebody wrote in classes that they have left since, the latest first. */
export async function listLeftWriting(personId: string, chosen: HouseLanguage | null = null) {
  return (await listLeftPosts(database, personId)).map((one) => {
    const { timeZone, language } = placeOf(one, chosen);
    return {
      postId: one.postId,
      title: one.title,
      assignment: one.assignmentTitle,
      inClass: one.classTitle,
      saved: dateInWords(one.savedAt.getTime(), timeZone, language),
    };
  });
}

/** A post of a class that its writer has left, to read and to keep; null for everybody else. */
export async function maybeLeftPost(
  postId: string,
  personId: string,
  now: Date,
  chosen: HouseLanguage | null = null,
) {
  const found = await findPostToShow(database, postId, now);
  if (!found) return null;
  const actor = await findActor(database, found.classId, personId);
  if (actor.role !== null || !may(actor, 'post.readDraft', found.subject)) return null;
  const { post, assignment, inClass } = found.rows;
  const { timeZone, language } = placeOf(inClass, chosen);
  return {
    title: post.title,
    html: readersHtml(openStored(post.body)),
    assignment: assignment.title,
    inClass: inClass.title,
    saved: momentInWords(post.savedAt.getTime(), timeZone, language),
    notes: may(actor, 'note.read', found.subject)
      ? await notesShown(database, postId, {
          personId,
          inWords: (at) => dateInWords(at.getTime(), timeZone, language),
        })
      : [],
    grade: may(actor, 'grade.read', found.subject) ? await gradeShown(database, found.rows) : null,
  };
}
