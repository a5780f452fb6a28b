import { escapeHtml, writeHtml } from '../../../core/document/html/writeHtml';
import { NOTHING_BESIDE } from '../../../core/posts/beside';
import { addressFrom } from '../../../core/posts/address';
import { findAssignment } from '../../tables/assignments';
import { database } from '../../ground/database/database';
import { listDocumentCopies } from '../../tables/links';
import { findPicture } from '../../tables/pictures';
import { teacherName } from '../../../core/people/names';
import { listSentBack } from '../../tables/decisions';
import { listHandIns } from '../../tables/handIns';
import { type PostRow } from '../../tables/posts';
import { findRevision, listRevisionMoments } from '../../tables/revisions';
import { type Writing } from '../../tables/writings';
import { findPublication } from '../../tables/publications';
import { findGrade } from '../../tables/gradeFigures';
import { listNoteAnswers, listNotes } from '../../tables/notes';
import { listOriginOpenings } from '../../tables/originOpenings';
import { listSittings } from '../../tables/sittings';
import { SHELVES } from '../../ground/storage/shelves';
import { openStored } from '../../tables/columns';
import { picturesIn } from '../evidence/writing';
import type { Zipping } from './zipStream';

interface Adding {
  readonly post: PostRow;
  /** The folder of the post's class or writer in the archive. */
  readonly under: string;
  readonly withDraft: boolean;
  /** Who takes it along: what the first reader gave is kept from who reads it a second time. */
  readonly by: string;
  readonly now: Date;
}

/** What an archive has of a post, for its page: each writing with its file, the folder that its pictures are in, and what was said. */
export interface PostAdded {
  readonly assignment: string;
  readonly writings: readonly WritingAdded[];
  readonly notes: readonly { readonly author: string; readonly text: string; readonly createdAt: Date }[];
  /** What was given back, and of how much; null where nothing was. */
  readonly grade: { readonly grade: number; readonly possible: number } | null;
}

export interface WritingAdded {
  readonly kind: 'draft' | 'handIn' | 'revision';
  /** The how-many-th hand-in; 0 for everything else. */
  readonly ordinal: number;
  readonly at: Date;
  /** Where its file is in the archive, and what it says; null where it stands in its file alone. */
  readonly file: string;
  readonly title: string;
  readonly html: (() => string) | null;
}

/**
 * Adds a post with its hand-ins, notes and the grade that was given back, each picture once. With the draft go the revisions that were
 * kept and never handed in.
 */
export async function addPost(zip: Zipping, { post, under, withDraft, by, now }: Adding): Promise<PostAdded> {
  const withheld = post.second?.readerId === by && !post.second.done;
  const assignment = await findAssignment(database, post.assignmentId, now);
  const folder = `${under}/${addressFrom(`${assignment?.number ?? ''} ${assignment?.title ?? ''}`)}`;
  const grade = await findGrade(database, post.id);
  const handIns = await listHandIns(database, post.id);
  const writings: WritingAdded[] = [];
  const keep = async (
    about: Pick<WritingAdded, 'kind' | 'ordinal' | 'at'>,
    name: string,
    writing: Writing,
  ): Promise<void> => {
    await addWriting(zip, folder, name, writing);
    const html = about.kind === 'revision' ? null : () => htmlOf(writing, `${folder}/pictures`);
    writings.push({ ...about, file: `${folder}/${name}.html`, title: writing.title, html });
  };
  if (withDraft) await keep({ kind: 'draft', ordinal: 0, at: post.savedAt }, 'draft', post);
  for (const handIn of handIns) {
    // What was taken back belongs to its writer alone again.
    if (handIn.takenBackAt && !withDraft) continue;
    const revision = await findRevision(database, handIn.revisionId);
    if (!revision) continue;
    const name = `hand-in-${handIn.ordinal}`;
    await keep({ kind: 'handIn', ordinal: handIn.ordinal, at: handIn.handedInAt }, name, revision);
    const copies = await listDocumentCopies(database, revision.id);
    if (copies.length) await zip.add(`${folder}/${name}.documents.json`, json(copies));
  }
  const handedIn = new Set(handIns.map((handIn) => handIn.revisionId));
  const kept = withDraft ? await listRevisionMoments(database, post.id) : [];
  for (const [index, { id, createdAt }] of kept.filter((one) => !handedIn.has(one.id)).entries()) {
    const revision = await findRevision(database, id);
    if (!revision) continue;
    await keep({ kind: 'revision', ordinal: 0, at: createdAt }, `revision-${index + 1}`, revision);
  }
  const answers = await listNoteAnswers(database, post.id);
  const notes = (withheld ? [] : await listNotes(database, post.id)).map((note) => ({
    author: `${note.givenName} ${note.familyName}`.trim(),
    passage: note.anchor?.quote ?? null,
    text: note.sent ?? '',
    suggested: note.sentSuggested,
    createdAt: note.createdAt,
    answers: answers
      .filter((answer) => answer.noteId === note.id)
      .map(({ text, done, at }) => ({ text, done, at })),
  }));
  const sentBack = (await listSentBack(database, post.id)).map(({ at, untilAt, first, ...by }) => ({
    by: teacherName(by),
    at,
    until: untilAt,
    first,
  }));
  const givenBack = grade?.givenBackAt && !withheld ? grade.givenBack : null;
  await zip.add(
    `${folder}/post.json`,
    json({
      assignment: assignment && { number: assignment.number, title: assignment.title },
      stage: post.stage,
      begunAt: post.begunAt,
      savedAt: post.savedAt,
      readers: (await findPublication(database, post.id))?.audience ?? 'writerAndTeachers',
      sentBack,
      handIns: handIns.map(({ ordinal, receipt, handedInAt, takenBackAt, words, evidence }) => ({
        ordinal,
        receipt,
        handedInAt,
        takenBackAt,
        words,
        evidence,
      })),
      notes,
      // Who wrote it takes along what is kept of how it came, too.
      ...(withDraft
        ? { sittings: await listSittings(database, post.id), opened: await listOpened(post.id) }
        : {}),
      grade: givenBack && { givenBackAt: grade?.givenBackAt, ...givenBack },
    }),
  );
  return {
    assignment: assignment?.title ?? '',
    writings,
    notes,
    grade: givenBack,
  };
}

/** Which teachers opened where its text came from, and when. */
async function listOpened(postId: string) {
  return (await listOriginOpenings(database, postId)).map(({ at, ...by }) => ({ by: teacherName(by), at }));
}

/** Adds a page of the class blog as readers see it. */
export async function addPage(
  zip: Zipping,
  { title, body, address }: { readonly title: string; readonly body: string; readonly address: string },
): Promise<void> {
  await addWriting(zip, 'pages', address, { title, labels: [], beside: NOTHING_BESIDE, body });
}

async function addWriting(zip: Zipping, folder: string, name: string, writing: Writing): Promise<void> {
  const body = openStored(writing.body);
  const { subtitle, teaser, cover } = writing.beside;
  for (const { id: src } of picturesIn(body, writing.beside)) await addPicture(zip, folder, src);
  const title = escapeHtml(writing.title);
  const lines = [
    '<!doctype html>',
    '<html>',
    '<meta charset="utf-8">',
    teaser && `<meta name="description" content="${escapeHtml(teaser)}">`,
    `<title>${title}</title>`,
    `<h1>${title}</h1>`,
    subtitle && `<p>${escapeHtml(subtitle)}</p>`,
    cover && `<img src="pictures/${cover.src}.webp" alt="${escapeHtml(cover.description)}">`,
    `<p>${writing.labels.map(escapeHtml).join(', ')}</p>`,
    htmlOf(writing, 'pictures'),
    '</html>',
  ];
  await zip.add(`${folder}/${name}.html`, `${lines.filter(Boolean).join('\n')}\n`);
}

/** What a writing says, with its pictures found in a folder. */
function htmlOf(writing: Writing, pictures: string): string {
  return writeHtml(openStored(writing.body), {
    pictureAddress: (src) => ({ src: `${pictures}/${src}.webp` }),
  });
}

async function addPicture(zip: Zipping, folder: string, src: string): Promise<void> {
  const place = `${folder}/pictures/${src}.webp`;
  if (zip.has(place)) return;
  const picture = await findPicture(database, src);
  const file = picture && (await SHELVES.pictures.maybeRead(picture.contentHash, 1600));
  if (file) await zip.addPacked(place, file);
}

/** A value as a file of JSON. */
export function json(value: unknown): string {
  return `${JSON.stringify(value, null, 2)}\n`;
}
