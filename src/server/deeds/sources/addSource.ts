import { addSourceAddress as addressDoor } from '../../../contract/doors/addSourceAddress';
import type { addSource as fileDoor, SourceShown } from '../../../contract/fileDoors/addSource';
import type { InputOf } from '../../../contract/input';
import { may } from '../../../core/access/may';
import { maybeWebAddress } from '../../../core/document/links';
import { FILE_KINDS } from '../../../workers/tasks/readFile';
import { writeAuditLine } from '../../ground/access/auditLog';
import { inputCheckOf } from '../../ground/access/checkInput';
import { findStanding } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database, inTransaction, type Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { takeSome } from '../../ground/limits/takeTry';
import { work } from '../../ground/work/work';
import { takeTurns } from '../../ground/database/turns';
import { findAssignment, listClassesOfAssignment } from '../../tables/assignments';
import { countSources, insertSource } from '../../tables/givenSources';
import { taughtSiblings } from '../assignments/taughtSiblings';
import { openResultOf } from '../links/openResult';

/** So many texts an assignment is compared with. */
export const MOST_SOURCES = 10;
/** Own words are compared by rows of so many: what is shorter is alike with nothing. */
const FEWEST_WORDS = 8;
const LONGEST_NAME = 200;
const PAGE = { mostBytes: 2 * 1024 * 1024, patience: 15_000 };
/** How what an address answers is read. */
const KIND_OF: Readonly<Record<string, Kind>> = {
  'text/html': 'html',
  'application/xhtml+xml': 'html',
  'text/plain': 'txt',
  'text/markdown': 'md',
  'application/vnd.openxmlformats-officedocument.wordprocessingml.document': 'docx',
  'application/vnd.oasis.opendocument.text': 'odt',
};

type Kind = (typeof FILE_KINDS)[number];
interface By {
  readonly personId: string | null;
  readonly now: Date;
}

/** Keeps a file, or a text sent as one, that own words are compared with. */
export async function addSource(
  { assignmentId, name, file }: InputOf<typeof fileDoor> & { readonly file: Buffer },
  { personId, now }: By,
): Promise<Result<SourceShown>> {
  const given = await allowed(database, assignmentId, { personId, now });
  if (!given.ok || personId === null) return given.ok ? NOT_THERE : given;
  const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  const kind = FILE_KINDS.find((one) => one === ending);
  if (!kind) return refused(ending === 'doc' ? 'file.oldKind' : 'file.unknownKind', 'file');
  return keep({ kind, file, name: bareName(name), field: 'file' }, { assignmentId, personId, now });
}

const check = inputCheckOf<InputOf<typeof addressDoor>>(addressDoor.input);

/** Keeps what stands at an address now, if a stranger can read it, as a text that own words are compared with. */
export async function addSourceAddress(input: unknown, { personId, now }: By): Promise<Result<SourceShown>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { assignmentId } = checked.value;
  const address = maybeWebAddress(checked.value.address);
  const given = await allowed(database, assignmentId, { personId, now });
  if (!given.ok || personId === null) return given.ok ? NOT_THERE : given;
  if (!address) return refused('links.noAddress', 'address');
  if ((await takeSome('sources', { subject: personId, now, many: 1 })) === 0)
    return refused('links.tooMany', 'address');
  const page = await guardedFetch(address, PAGE);
  if (page.kind !== 'answered' || openResultOf(address, page) !== 'opens')
    return refused('source.doesNotOpen', 'address');
  const kind = KIND_OF[page.type];
  if (!kind) return refused('source.noText', 'address');
  return keep({ kind, file: page.body, name: address, field: 'address' }, { assignmentId, personId, now });
}

/** Whether somebody may give an assignment one more. */
async function allowed(database: Database, assignmentId: string, { personId, now }: By) {
  if (personId === null) return NOT_THERE;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment) return NOT_THERE;
  const { actor, resting, deleted } = await findStanding(database, assignment.classId, personId);
  if (deleted || !may(actor, 'assignment.change', { assignmentIsSet: assignment.setAt !== null }))
    return NOT_THERE;
  if (resting) return refused('class.resting');
  if ((await countSources(database, assignmentId)) >= MOST_SOURCES) return refused('source.tooMany', 'file');
  return done(assignment);
}

interface Text {
  readonly kind: Kind;
  readonly file: Uint8Array;
  readonly name: string;
  /** What a refusal is said of. */
  readonly field: string;
}

interface For {
  readonly assignmentId: string;
  readonly personId: string;
  readonly now: Date;
}

async function keep(
  { kind, file, name, field }: Text,
  { assignmentId, personId, now }: For,
): Promise<Result<SourceShown>> {
  const read = await work('readSource', { kind, file: new Uint8Array(file) }, personId);
  if (!read.ok) return refused(`file.${read.why}`, field);
  if (read.value.kind !== 'read') return refused(`file.${read.value.kind}`, field);
  const { words } = read.value;
  if (words < FEWEST_WORDS) return refused('source.tooShort', field);
  const body = JSON.stringify(read.value.body);
  return inTransaction(async (transaction) => {
    await takeTurns(transaction, await listClassesOfAssignment(transaction, assignmentId));
    // Reading took its time: the class, or who teaches it, may be another by now.
    const given = await allowed(transaction, assignmentId, { personId, now });
    if (!given.ok) return given;
    const source = { id: newId(), name, words, body, addedBy: personId, at: now };
    await insertSource(transaction, { ...source, assignmentId });
    for (const { assignment } of await taughtSiblings(transaction, given.value, { personId, now }))
      if ((await countSources(transaction, assignment.id)) < MOST_SOURCES)
        await insertSource(transaction, { ...source, assignmentId: assignment.id });
    const found = { classId: given.value.classId, subjectId: assignmentId };
    await writeAuditLine(transaction, { useCase: 'addSource', found, personId, now });
    return done({ id: source.id, name, words, ofSeries: false });
  });
}

/** A name without folders and without signs that cannot be seen. */
function bareName(given: string): string {
  const name = (given.split(/[\\/]/).at(-1) ?? '').replace(/\p{Cc}/gu, '').trim();
  return Array.from(name).slice(0, LONGEST_NAME).join('');
}
