import { PICTURE_WIDTHS, type PictureWidth } from '../../../core/document/pictureAddress';
import type { Audience } from '../../../core/access/audience';
import { may, type Actor } from '../../../core/access/may';
import { readersNow } from '../../../core/privacy/readersNow';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { listCasesShowing } from '../../tables/cases';
import { findClass } from '../../tables/classes';
import type { Reader } from '../../ground/access/reader';
import { listAssignmentUses } from '../../tables/handouts';
import { listShown } from '../../tables/passphrases';
import { tokenHash } from '../../ground/secrets/secrets';
import { checkOf } from '../../ground/input/validate';
import { SHELVES } from '../../ground/storage/shelves';
import { readsPictureAsPeer } from '../../tables/peerReadings';
import { findPicture, listOpenDrafts, listOpenings, listUses, type PictureRow } from '../../tables/pictures';
import { listPicturedIn } from '../../tables/picturePeople';
import { findAppearance, lacksAgreement } from '../subjects/appearances';
import { mayReadOne } from '../handouts/mayReadOne';
import { sightOnPages } from '../readers/sightOnPages';
import { listPageUses } from '../pages/uses';
import { sightOf } from '../worries/sight';

interface ShownPicture {
  /** The same for the same bytes. */
  readonly tag: string;
  /** Whether anybody at all may see it. */
  readonly forEveryone: boolean;
  /** Whether something that is open to search engines shows it now. */
  readonly searchable: boolean;
  read(): Promise<Buffer | null>;
}

const check = checkOf<{ readonly id: string; readonly width: PictureWidth }>({
  type: 'object',
  required: ['id', 'width'],
  properties: { id: { type: 'string', pattern: '^[0-9a-z]{16}$' }, width: { enum: PICTURE_WIDTHS } },
});

/**
 * A picture for whoever may see it: who uploaded it, the teachers once it was handed in, the readers of a post that shows
 * it, and whoever may read a draft or was given it to read, an assignment or a page that does, or looks after a worry whose kept words do. Null for everybody else, as for a picture that is not there.
 */
export async function maybeShowPicture(
  { id, width }: { readonly id: string; readonly width: number },
  reader: Reader,
  now: Date,
): Promise<ShownPicture | null> {
  const { personId, device } = reader;
  const checked = check({ id, width });
  const picture = checked.ok ? await findPicture(database, checked.value.id) : null;
  if (!checked.ok || !picture) return null;
  const actor = await findActor(database, picture.classId, personId);
  const shown = device ? await listShown(database, picture.classId, tokenHash(device)) : new Set<string>();
  const uses = [];
  for (const { postId, ...use } of await listUses(database, id))
    uses.push({
      ...use,
      publishedTo: await audienceNow(picture.classId, { ...use, postId }, now),
      passphraseShown: shown.has('') || shown.has(postId),
    });
  const onPages = await sightOnPages(await listPageUses(database, 'picture', id), reader);
  // Whoever in it has not agreed to be shown keeps it within the class, wherever it stands.
  const fromOutside = actor.role === null || actor.role === 'reader';
  if (fromOutside && picture.uploadedBy !== personId && (await isHeldInClass(picture, now))) return null;
  const seen =
    onPages !== 'nothing' ||
    (personId !== null && picture.uploadedBy === personId) ||
    uses.some((use) => maySee(actor, use)) ||
    (await isInDraftFor(actor, picture, now)) ||
    (await isInCaseFor(personId, id)) ||
    (personId !== null && (await readsPictureAsPeer(database, id, personId))) ||
    (personId !== null &&
      (await mayReadOne(await listAssignmentUses(database, 'picture', id, now), personId)));
  if (!seen) return null;
  const { contentHash } = picture;
  const { width: wanted } = checked.value;
  const forEveryone = onPages === 'forEveryone' || uses.some((use) => use.publishedTo === 'everyone');
  return {
    tag: `${contentHash.slice(0, 32)}-${wanted}`,
    forEveryone,
    searchable: forEveryone && (await findClass(database, picture.classId))?.searchEngines === true,
    read: () => SHELVES.pictures.maybeRead(contentHash, wanted),
  };
}

/** Whether a picture stands in a draft that somebody may read. */
async function isInDraftFor(actor: Actor, picture: PictureRow, now: Date): Promise<boolean> {
  if (actor.personId === null) return false;
  const drafts = await listOpenDrafts(database, picture);
  if (drafts.some(({ writerId }) => may(actor, 'post.readDraft', { writerId, draftsOpen: true })))
    return true;
  const openings = await listOpenings(database, { ...picture, now });
  return openings.some(({ askedBy, decidedBy }) =>
    may(actor, 'draft.readOpened', { openedFor: [askedBy, decidedBy] }),
  );
}

/** Whether a picture stands in the kept words of a case that somebody looks after. */
async function isInCaseFor(personId: string | null, id: string): Promise<boolean> {
  const cases = personId === null ? [] : await listCasesShowing(database, id);
  if (personId === null || cases.length === 0) return false;
  const { sees } = await sightOf(database, personId);
  return cases.some(sees);
}

/** Before whom a picture stands now, as far as the ceiling, and consent of the writer whose post shows it, go. */
async function audienceNow(
  classId: string,
  {
    publishedTo,
    writerId,
    postId,
    away,
  }: {
    readonly publishedTo: Audience | null;
    readonly writerId: string;
    readonly postId: string;
    readonly away: boolean;
  },
  now: Date,
): Promise<Audience | null> {
  const inClass = publishedTo && (await findClass(database, classId));
  if (!inClass) return null;
  const outside = await findAppearance(database, inClass, { writerId, postId, now });
  return readersNow(publishedTo, { ceiling: inClass.ceiling, outside, away }).to;
}

function maySee(actor: Actor, use: Parameters<typeof may>[2]): boolean {
  return may(actor, 'post.read', use) || may(actor, 'post.readHandIn', use);
}

/** Whether somebody in a picture has not agreed to be shown outside the class. */
async function isHeldInClass({ id, classId }: PictureRow, now: Date): Promise<boolean> {
  const pictured = await listPicturedIn(database, id);
  const inClass = pictured.length > 0 ? await findClass(database, classId) : null;
  return inClass !== null && (await lacksAgreement(database, inClass, { pictured, now }));
}
