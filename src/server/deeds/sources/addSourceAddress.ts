import { addSourceAddress as door } from '../../../contract/doors/addSourceAddress';
import type { SourceShown } from '../../../contract/fileDoors/addSource';
import type { InputOf } from '../../../contract/input';
import { maybeWebAddress } from '../../../core/document/links';
import type { FILE_KINDS } from '../../../workers/tasks/readFile';
import { inputCheckOf } from '../../ground/access/checkInput';
import { NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { takeSome } from '../../ground/limits/takeTry';
import { openResultOf } from '../links/openResult';
import { assignmentToGive, keepSource } from './keepSource';

const PAGE = { mostBytes: 2 * 1024 * 1024, patience: 15_000 };
/** How what an address answers is read. */
const KIND_OF: Readonly<Record<string, (typeof FILE_KINDS)[number]>> = {
  'text/html': 'html',
  'application/xhtml+xml': 'html',
  'text/plain': 'txt',
  'text/markdown': 'md',
  'application/vnd.openxmlformats-officedocument.wordprocessingml.document': 'docx',
  'application/vnd.oasis.opendocument.text': 'odt',
};

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Keeps what stands at an address now, if a stranger can read it, as a text that own words are compared with. */
export async function addSourceAddress(
  input: unknown,
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<SourceShown>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  if (personId === null) return NOT_THERE;
  const giving = { assignmentId: checked.value.assignmentId, personId, now };
  const given = await assignmentToGive(database, giving);
  if (!given.ok) return given;
  const address = maybeWebAddress(checked.value.address);
  if (!address) return refused('links.noAddress', 'address');
  if ((await takeSome('sources', { subject: personId, now, many: 1 })) === 0)
    return refused('links.tooMany', 'address');
  const page = await guardedFetch(address, PAGE);
  if (page.kind !== 'answered' || openResultOf(address, page) !== 'opens')
    return refused('source.doesNotOpen', 'address');
  const kind = KIND_OF[page.type];
  if (!kind) return refused('source.noText', 'address');
  return keepSource({ kind, file: page.body, name: address, field: 'address' }, giving);
}
