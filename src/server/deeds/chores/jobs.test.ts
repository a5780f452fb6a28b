import { afterAll, beforeEach, expect, test } from 'vitest';
import { emptyDatabase, NOW } from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { database, inTransaction } from '../../ground/database/database';
import { closePool } from '../../ground/database/pool';
import { deliver } from '../../ground/mail/transport';
import { PROMPT } from '../../ground/jobs/kinds';
import { countJobs, finishJob, insertDailyJob, insertJob, takeJob } from '../../ground/jobs/queries';
import { runOneJob } from './runJobs';

beforeEach(emptyDatabase);
afterAll(closePool);

const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const mail = (to: string) => ({ to, subject: 'Grüße – ✉', text: 'A line.\n.\nAnother.' });
/** What lies in the list may be of a kind that this version does not know. */
const add = (payload: object, kind = 'sendMail') =>
  insertJob(database, { kind: kind as 'sendMail', payload: payload as never, at: NOW });

test('a mail goes out by SMTP as it was written, and is then forgotten', async () => {
  const to = 'ines.jobs@example.org';
  await add(mail(to));
  expect(await runOneJob(NOW)).toBe(true);
  expect(await runOneJob(NOW)).toBe(false);
  expect(await mailsTo(to)).toMatchObject([{ subject: 'Grüße – ✉', text: 'A line.\n.\nAnother.\n' }]);
  expect(await database.rows('SELECT payload FROM jobs')).toEqual([{ payload: null }]);
});

test('an address cannot smuggle further ones in', async () => {
  await deliver(mail('one.jobs@example.org, two.jobs@example.org'), 'smuggled').catch(() => undefined);
  expect(await mailsTo('two.jobs@example.org')).toEqual([]);
});

test('what fails is tried again with growing pauses, and given up at last', async () => {
  await add({}, 'noSuchKind');
  const tried: number[] = [];
  for (let minute = 0; minute < 2000; minute += 1) if (await runOneJob(later(minute))) tried.push(minute);
  expect(tried).toEqual([0, 1, 6, 36, 156, 876]);
  expect(await countJobs(database)).toEqual([{ kind: 'noSuchKind', waiting: 0, givenUp: 1 }]);
});

test('what somebody waits for is taken past what takes long', async () => {
  await add(mail('long.jobs@example.org'));
  await add({ postId: 'nosuchpost' }, 'carryOut');
  const asked = { taker: 'prompt', now: NOW, until: later(5), only: PROMPT };
  expect(await takeJob(database, asked)).toMatchObject({ kind: 'carryOut' });
  expect(await takeJob(database, { ...asked, taker: 'again' })).toBeNull();
  expect(await takeJob(database, { ...asked, taker: 'any', only: null })).toMatchObject({ kind: 'sendMail' });
});

test('two processes never take the same job, and one that died is not waited for', async () => {
  await add(mail('a@example.org'));
  const asked = (taker: string) => ({ taker, now: NOW, until: later(5) });
  let open: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => (open = resolve));
  let first: Promise<void> = Promise.resolve();
  const taken = await new Promise((resolve) => {
    first = inTransaction(async (transaction) => {
      resolve(await takeJob(transaction, asked('one')));
      await gate;
    });
  });
  expect(taken).toMatchObject({ tries: 1 });
  const second = takeJob(database, asked('another'));
  open();
  await first;
  expect(await second).toBeNull();
  expect(await runOneJob(later(4))).toBe(false);
  expect(await runOneJob(later(6))).toBe(true);
});

test('who had a job too long does not finish it for the one who has it now', async () => {
  await add(mail('late@example.org'));
  const slow = await takeJob(database, { taker: 'slow', now: NOW, until: later(5) });
  await takeJob(database, { taker: 'next', now: later(6), until: later(11) });
  await finishJob(database, { id: slow?.id ?? '', taker: 'slow', at: later(7) });
  expect(await countJobs(database)).toEqual([{ kind: 'sendMail', waiting: 1, givenUp: 0 }]);
});

test('each kind of daily work is put on the list once a day', async () => {
  await Promise.all(
    (['applyRetention', 'tidyFiles', 'applyRetention'] as const).map((kind) =>
      insertDailyJob(database, kind, NOW),
    ),
  );
  await insertDailyJob(database, 'applyRetention', later(24 * 60));
  const rows = await database.rows<{ kind: string; jobs: number }>(
    'SELECT kind, COUNT(*) AS jobs FROM jobs GROUP BY kind ORDER BY kind',
  );
  expect(rows).toEqual([
    { kind: 'applyRetention', jobs: 2 },
    { kind: 'tidyFiles', jobs: 1 },
  ]);
});
