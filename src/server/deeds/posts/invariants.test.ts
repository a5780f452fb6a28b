import fc from 'fast-check';
import { afterAll, expect, test } from 'vitest';
import {
  as,
  buildHouse,
  deskFor,
  desksFor,
  emptyDatabase,
  setWork,
  succeeded,
  writing,
  NOW,
  type House,
} from '../../../../tests/server/house';
import { audiencesUpTo, type Audience } from '../../../core/access/audience';
import { RELEASES, type Release } from '../../../core/posts/release';
import { database } from '../../ground/database/database';
import { closePool } from '../../ground/database/pool';
import { maybePile } from '../../views/review/listPile';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { maybeCompose } from '../../views/writing/viewCompose';
import { openSet } from '../publications/openSet';
import { narrowPost } from '../publications/narrowPost';
import { publish } from '../publications/publish';
import { accept } from '../reviews/accept';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { judge } from '../reviews/judge';
import { openHandIn } from '../reviews/openHandIn';
import { sendBack } from '../reviews/sendBack';
import { beginPost } from './beginPost';
import { handIn } from './handIn';
import { narrowAudience } from './narrowAudience';
import { savePost } from './savePost';
import { takeBack } from './takeBack';

afterAll(closePool);

interface Stage {
  readonly house: House;
  readonly assignmentId: string;
  readonly postId: string;
  step: number;
}

const DEEDS = [
  'save',
  'handIn',
  'handIn',
  'takeBack',
  'open',
  'judge',
  'sendBack',
  'accept',
  'accept',
  'giveBack',
  'publishToEveryone',
  'publishToClass',
  'takeDown',
  'letFewerRead',
  'narrowToClass',
  'narrowToTeachers',
  'widenAgain',
  'openSet',
] as const;
type Deed = (typeof DEEDS)[number];

/** Tries one deed; whether it may be done at that point is not asked here, only what has become of the post after it. */
async function attempt(deed: Deed, stage: Stage): Promise<void> {
  const { house, postId, assignmentId } = stage;
  stage.step += 1;
  const now = new Date(NOW.getTime() + stage.step * 60_000);
  const version = (await findPost(database, postId))?.version ?? 1;
  const handInId =
    (await listHandIns(database, postId)).filter((one) => !one.takenBackAt).at(-1)?.id ?? 'none';
  const named = { postId, handInId };
  const deeds: Readonly<Record<Deed, () => Promise<unknown>>> = {
    save: () =>
      as(
        house,
        'writer',
        savePost,
        { postId, version, writing: writing(`<p>version ${stage.step} of it</p>`) },
        now,
      ),
    handIn: () => as(house, 'writer', handIn, { postId, version }, now),
    takeBack: () => as(house, 'writer', takeBack, { postId }, now),
    open: () => as(house, 'teacher', openHandIn, named, now),
    judge: () =>
      as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: stage.step % 2 }, now),
    sendBack: () => as(house, 'coTeacher', sendBack, named, now),
    accept: () => as(house, 'teacher', accept, named, now),
    giveBack: () => as(house, 'teacher', giveBackGrade, named, now),
    publishToEveryone: () => as(house, 'teacher', publish, { postId, audience: 'everyone' }, now),
    publishToClass: () => as(house, 'teacher', publish, { postId, audience: 'ourClass' }, now),
    takeDown: () => as(house, 'teacher', publish, { postId, audience: 'writerAndTeachers' }, now),
    letFewerRead: () => as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' }, now),
    narrowToClass: () => as(house, 'writer', narrowAudience, { postId, audience: 'ourClass' }, now),
    narrowToTeachers: () =>
      as(house, 'writer', narrowAudience, { postId, audience: 'writerAndTeachers' }, now),
    widenAgain: () => as(house, 'writer', narrowAudience, { postId, audience: 'everyone' }, now),
    openSet: () => as(house, 'teacher', openSet, { assignmentId }, now),
  };
  await deeds[deed]();
}

interface BeforeReaders {
  readonly audience: Audience;
  readonly accepted: number;
  readonly takenBack: number;
  readonly wish: Audience | null;
}

/** What readers see of the post at this moment, and what was decided about that very revision. */
function beforeReaders(postId: string): Promise<readonly BeforeReaders[]> {
  return database.rows<BeforeReaders>(
    `SELECT publications.audience, posts.audience AS wish,
       EXISTS (SELECT 1 FROM decisions JOIN hand_ins ON hand_ins.id = decisions.hand_in_id
               WHERE hand_ins.revision_id = publications.revision_id AND decision = 'accepted') AS accepted,
       EXISTS (SELECT 1 FROM hand_ins WHERE hand_ins.revision_id = publications.revision_id AND taken_back_at IS NOT NULL) AS takenBack
     FROM publications JOIN posts ON posts.id = publications.post_id WHERE post_id = :postId AND until IS NULL`,
    { postId },
  );
}

/** Whether the hand-in that stands is one that nobody has decided about. */
async function waitsUnread(postId: string): Promise<boolean> {
  const [standing] = await database.rows<{ decided: number }>(
    `SELECT EXISTS (SELECT 1 FROM decisions WHERE decisions.hand_in_id = hand_ins.id) AS decided FROM hand_ins
     WHERE post_id = :postId AND taken_back_at IS NULL ORDER BY ordinal DESC LIMIT 1`,
    { postId },
  );
  return standing?.decided === 0;
}

async function standsInPile({ house, postId }: Stage): Promise<boolean> {
  const pile = await maybePile(await desksFor(house, 'teacher'));
  return pile?.some((slip) => slip.postId === postId) === true;
}

async function snapshots(postId: string): Promise<ReadonlyMap<string, string>> {
  const rows = await database.rows<{ id: string; body: string }>(
    'SELECT id, body FROM revisions WHERE post_id = :postId',
    { postId },
  );
  return new Map(rows.map((row) => [row.id, row.body]));
}

async function begin(release: Release): Promise<Stage> {
  await emptyDatabase();
  const house = await buildHouse();
  const assignmentId = await setWork(house, { release });
  const { postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  return { house, assignmentId, postId, step: 0 };
}

test.each(RELEASES)(
  'whatever is tried in whatever order, a post that is released at "%s" is never read by more than may',
  async (release) => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom(...DEEDS), { minLength: 4, maxLength: 22 }),
        async (deeds) => {
          const stage = await begin(release);
          const { postId, house } = stage;
          let kept = await snapshots(postId);
          for (const deed of deeds) {
            await attempt(deed, stage);
            const readers = await beforeReaders(postId);
            expect(readers.length).toBeLessThanOrEqual(1);
            for (const { audience, accepted, takenBack, wish } of readers) {
              expect(audience).not.toBe('writerAndTeachers');
              if (audience === 'everyone') expect([deed, accepted]).toEqual([deed, 1]);
              if (wish) expect(audiencesUpTo(wish)).toContain(audience);
              expect([deed, takenBack]).toEqual([deed, 0]);
            }
            expect([deed, await waitsUnread(postId)]).toEqual([deed, await standsInPile(stage)]);
            // No revision that there was is changed or gone.
            const now = await snapshots(postId);
            for (const [id, body] of kept) expect(now.get(id)).toBe(body);
            kept = now;
            const shown = await maybeCompose(postId, await deskFor(house, 'writer'));
            const [grade] = await database.rows<{ at: Date | null }>(
              'SELECT MAX(given_back_at) AS at FROM grade_figures WHERE post_id = :postId',
              { postId },
            );
            expect(shown?.grade === null).toBe(!grade?.at);
          }
        },
      ),
      { numRuns: 25 },
    );
  },
);
