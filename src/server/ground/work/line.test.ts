import { expect, test } from 'vitest';
import { Line } from './line';

const tick = () => new Promise<void>((resolve) => setImmediate(resolve));

test('who sent twelve things does not make others wait for all of them', async () => {
  const line = new Line(1, 20);
  const done: string[] = [];
  const pass = (by: string) =>
    line.pass(by, async () => {
      await tick();
      done.push(by);
    });
  const all = [...Array.from({ length: 12 }, () => pass('one')), pass('another'), pass('third')];
  await Promise.all(all);
  expect(done.slice(0, 3)).toEqual(['one', 'another', 'third']);
  expect(done).toHaveLength(14);
});

test('no more of one person wait than may, and a place is free again after a failure', async () => {
  const line = new Line(1, 2);
  const fail = () => line.pass('one', () => Promise.reject(new Error('no')));
  const outcomes = await Promise.allSettled([fail(), fail(), fail(), fail()]);
  expect(outcomes.map((one) => one.status)).toEqual(['rejected', 'rejected', 'rejected', 'fulfilled']);
  expect(await line.pass('one', () => Promise.resolve('in'))).toBe('in');
});

test('as many are inside as there are places', async () => {
  const line = new Line(2, 10);
  let inside = 0;
  let most = 0;
  await Promise.all(
    Array.from({ length: 8 }, (_, index) =>
      line.pass(String(index), async () => {
        inside += 1;
        most = Math.max(most, inside);
        await tick();
        inside -= 1;
      }),
    ),
  );
  expect(most).toBe(2);
});
