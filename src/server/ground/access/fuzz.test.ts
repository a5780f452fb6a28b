import fc from 'fast-check';
import { beforeAll, afterAll, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  buildHouse,
  deskFor,
  emptyDatabase,
  NOW,
  type House,
} from '../../../../tests/server/house';
import { tellWorry } from '../../deeds/worries/tellWorry';
import { maybeFront } from '../../views/blog/viewFront';
import { maybeKept } from '../../views/blog/viewKept';
import { maybePage } from '../../views/blog/viewPage';
import { maybePost } from '../../views/blog/viewPost';
import { findInvitation } from '../../deeds/invitations/findInvitation';
import { acceptInvitation } from '../../deeds/invitations/acceptInvitation';
import { maybeShowHandout } from '../../deeds/handouts/showHandout';
import { showPassphrase } from '../../deeds/passphrases/showPassphrase';
import { maybeShowPicture } from '../../deeds/pictures/showPicture';
import { maybeDraft } from '../../views/writing/viewDraft';
import { maybeLeftPost } from '../../views/writing/viewLeft';
import { maybeOpenedDraft } from '../../views/safety/viewOpenings';
import { listNames } from '../../deeds/sessions/listNames';
import { signIn } from '../../deeds/sessions/signIn';
import { changePassword } from '../../deeds/accounts/changePassword';
import { renewPassword } from '../../deeds/accounts/renewPassword';
import { forgetPassword } from '../../deeds/accounts/forgetPassword';
import { maybeArchive } from '../../deeds/archives/archivePerson';
import { maybeClassArchive } from '../../deeds/archives/archiveClass';
import { USE_CASES } from '../../useCases';
import { closePool } from '../database/pool';
import { readerOf } from './reader';
import { perform } from './perform';

let house: House;
let postId = '';
beforeAll(async () => {
  await emptyDatabase();
  house = await buildHouse();
  ({ postId } = await acceptedPost(house));
});
afterAll(closePool);

/** What stands where something else was meant. */
const NONSENSE = [
  '',
  'é',
  '日本',
  '\u0000',
  '\ud800',
  "' OR 1=1 --",
  '../../etc',
  '%E0%A4%A',
  'a'.repeat(5000),
  '💨',
];
const anything = fc.oneof(
  fc.constantFrom<unknown>(...NONSENSE, null, -1, 1.5, 1e300, NaN, true, [], {}, [[[[]]]], { type: 'doc' }),
  fc.string({ maxLength: 30 }),
  fc.jsonValue({ maxDepth: 3 }),
);

/** An input of the right form as far as its names go, some of it right, some nonsense. */
function inputsOf(schema: object): fc.Arbitrary<unknown> {
  const { properties = {} } = schema as { readonly properties?: Readonly<Record<string, unknown>> };
  const known: Readonly<Record<string, unknown>> = {
    classId: house.classId,
    postId,
    personId: house.people.writer,
  };
  const fields = Object.keys(properties).map((name) => [
    name,
    name in known ? fc.oneof(fc.constant(known[name]), anything) : anything,
  ]);
  return fc.oneof(anything, fc.record(Object.fromEntries(fields) as Record<string, fc.Arbitrary<unknown>>));
}

describe.each(Object.keys(USE_CASES) as (keyof typeof USE_CASES)[])('%s', (name) => {
  test('answers whatever it is sent with a value or a refusal', async () => {
    const useCase = USE_CASES[name];
    await fc.assert(
      fc.asyncProperty(inputsOf(useCase.input), async (input) => {
        for (const personId of [house.people.teacher, house.people.classmate]) {
          const result = await perform(useCase as (typeof USE_CASES)['takeBack'], input, {
            personId,
            now: NOW,
          });
          expect(typeof result.ok).toBe('boolean');
        }
      }),
      { numRuns: 12 },
    );
  });
});

const from = { address: '192.0.2.77', device: 'd', personId: null, now: NOW, wait: () => Promise.resolve() };
const DOORS: Readonly<Record<string, (input: unknown, text: string) => Promise<unknown>>> = {
  signIn: (input) => signIn(input, from),
  listNames: (input) => listNames(input, from),
  acceptInvitation: (input) => acceptInvitation(input, from),
  renewPassword: (input) => renewPassword(input, from),
  changePassword: (input) => changePassword(input, { personId: house.people.teacher, token: 't', now: NOW }),
  forgetPassword: (input) => forgetPassword(input, from),
  showPassphrase: (input) => showPassphrase(input, from),
  tellWorry: (input) => tellWorry(input, { ...from, reader: readerOf(null) }),
  front: (_, text) => maybeFront(text, readerOf(house.people.reader), NOW),
  post: (_, text) => maybePost('wind', text, readerOf(null), NOW),
  page: (_, text) => maybePage('wind', text, readerOf(null), NOW),
  kept: (_, text) => maybeKept('wind', Number(text), house.people.writer, NOW),
  picture: (_, text) => maybeShowPicture({ id: text, width: 480 }, readerOf(null), NOW),
  handout: (_, text) => maybeShowHandout(text, readerOf(null), NOW),
  draft: async (_, text) => maybeDraft(text, await deskFor(house, 'teacher')),
  left: (_, text) => maybeLeftPost(text, house.people.teacher, NOW),
  opened: (_, text) => maybeOpenedDraft(text, house.people.teacher, NOW),
  invitation: (_, text) => findInvitation(text, NOW),
  archive: (_, text) => maybeArchive(text, { personId: house.people.teacher, now: NOW }),
  classArchive: (_, text) => maybeClassArchive(text, { personId: house.people.teacher, now: NOW }),
};

test.each(Object.keys(DOORS))('%s is asked for whatever it may be, and answers', async (name) => {
  for (const text of NONSENSE) await DOORS[name]?.({ code: text, email: text, token: text }, text);
  await fc.assert(
    fc.asyncProperty(anything, fc.string({ maxLength: 40 }), async (input, text) => {
      await DOORS[name]?.(input, text);
    }),
    { numRuns: 12 },
  );
});
