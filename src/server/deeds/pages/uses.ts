import type { Audience } from '../../../core/access/audience';
import { namedIn } from '../../../core/document/namedIn';
import { TEACHING } from '../../ground/access/roles';
import type { Database } from '../../ground/database/database';
import { documentFrom } from '../../tables/columns';
import { idsFrom } from '../../tables/idsFrom';

/** A page that names a picture or a file, as far as access asks for it. */
export interface PageUse {
  readonly classId: string;
  /** Who reads it there; null while it stands only in what is written and not shown. */
  readonly audience: Audience | null;
}

/** What a page may name, and where that is noted. */
const USES = {
  picture: 'page_pictures WHERE picture_id = :id',
  handout: 'page_handouts WHERE handout_id = :id',
} as const;

/** The pages that name a picture or a file. */
export async function listPageUses(
  database: Database,
  of: keyof typeof USES,
  id: string,
): Promise<readonly PageUse[]> {
  return database.rows<PageUse>(
    `SELECT class_id AS classId, IF(shown, audience, NULL) AS audience
     FROM (SELECT page_id, shown FROM ${USES[of]}) AS named JOIN pages ON pages.id = page_id`,
    { id },
  );
}

/**
 * Notes what a page names in what is written and in what readers see. Newly taken in are only files and pictures of its own
 * class. Of the files a student takes in their own, and those that a teacher, or who brought them, had put into this page; of
 * the pictures anybody takes in their own, a teacher's, or one that its maker lets the class use. A document may name others,
 * which it makes nobody see.
 */
export async function noteWhatPageNames(
  database: Database,
  page: {
    readonly id: string;
    readonly classId: string;
    readonly body: string;
    /** What readers see; null while they see nothing. */
    readonly shown: string | null;
  },
  by: string,
): Promise<void> {
  const written = namedIn([documentFrom(page.body)]);
  const shown = page.shown === null ? { handouts: [], pictures: [] } : namedIn([documentFrom(page.shown)]);
  const parameters = {
    pageId: page.id,
    classId: page.classId,
    by,
    handouts: JSON.stringify([...written.handouts, ...shown.handouts]),
    pictures: JSON.stringify([...written.pictures, ...shown.pictures]),
    shownHandouts: JSON.stringify(shown.handouts),
    shownPictures: JSON.stringify(shown.pictures),
  };
  for (const statement of NOTING) await database.change(statement, parameters);
}

const TEACHERS = `SELECT person_id FROM memberships WHERE memberships.class_id = :classId AND role IN ${TEACHING}`;

const NOTING: readonly string[] = [
  `DELETE FROM page_handouts WHERE page_id = :pageId AND NOT JSON_CONTAINS(:handouts, JSON_QUOTE(handout_id))`,
  `DELETE FROM page_pictures WHERE page_id = :pageId AND NOT JSON_CONTAINS(:pictures, JSON_QUOTE(picture_id))`,
  `INSERT INTO page_handouts (page_id, handout_id)
   SELECT DISTINCT :pageId, handouts.id FROM handouts
   JOIN ${idsFrom(':handouts')} AS named ON named.id = handouts.id
   WHERE handouts.class_id = :classId AND (uploaded_by = :by OR :by IN (${TEACHERS})
     OR EXISTS (SELECT 1 FROM page_revisions
                WHERE page_id = :pageId AND LOCATE(handouts.id, body) > 0
                  AND (written_by = handouts.uploaded_by OR written_by IN (${TEACHERS}))))
   ON DUPLICATE KEY UPDATE handout_id = page_handouts.handout_id`,
  `INSERT INTO page_pictures (page_id, picture_id)
   SELECT DISTINCT :pageId, pictures.id FROM pictures
   JOIN ${idsFrom(':pictures')} AS named ON named.id = pictures.id
   WHERE pictures.class_id = :classId AND (uploaded_by = :by OR uploaded_by IN (${TEACHERS})
     OR EXISTS (SELECT 1 FROM revision_pictures AS elsewhere
                JOIN publications ON publications.revision_id = elsewhere.revision_id AND until IS NULL
                WHERE elsewhere.picture_id = pictures.id AND elsewhere.licence IN ('free', 'withName')))
   ON DUPLICATE KEY UPDATE picture_id = page_pictures.picture_id`,
  `UPDATE page_handouts SET shown = JSON_CONTAINS(:shownHandouts, JSON_QUOTE(handout_id)) WHERE page_id = :pageId`,
  `UPDATE page_pictures SET shown = JSON_CONTAINS(:shownPictures, JSON_QUOTE(picture_id)) WHERE page_id = :pageId`,
];
