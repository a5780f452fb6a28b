import { expect, test } from 'vitest';
import { keyCosts, type TraceEvent } from './keyCosts';

const event = (name: string, ts: number, dur: number, more: Partial<TraceEvent> = {}): TraceEvent => ({
  name,
  ph: 'X',
  pid: 1,
  tid: 1,
  ts: ts * 1000,
  dur: dur * 1000,
  ...more,
});
const press = (ts: number, dur: number) =>
  event('EventDispatch', ts, dur, { args: { data: { type: 'keypress' } } });

test('a key costs what runs until it is painted, script apart from what the browser does itself', () => {
  const events = [
    event('RunTask', 0, 9),
    press(1, 7),
    event('FunctionCall', 2, 3),
    event('FunctionCall', 3, 1),
    event('FunctionCall', 6, 1),
    event('RunTask', 10, 4),
    event('FireAnimationFrame', 10, 2),
    event('Commit', 13, 1),
    event('RunTask', 20, 50),
    event('FunctionCall', 20, 50),
  ];
  expect(keyCosts(events)).toEqual([{ task: 9, script: 4, clock: 9 }]);
});

test('what runs before the painting counts, even in a task of its own; other threads do not', () => {
  const events = [
    event('RunTask', 0, 2),
    press(0, 2),
    event('RunTask', 3, 12),
    event('TimerFire', 3, 11),
    event('RunTask', 3, 90, { tid: 2 }),
    event('FunctionCall', 3, 90, { tid: 2 }),
    event('RunTask', 16, 3),
    event('Commit', 17, 1),
  ];
  expect(keyCosts(events)).toEqual([{ task: 12, script: 11, clock: 12 }]);
});

test('what the machine did for others while a task stood still is no work of it', () => {
  const worked = (ms: number) => ({ tdur: ms * 1000 });
  const events = [
    event('RunTask', 0, 9, worked(5)),
    { ...press(1, 7), ...worked(4) },
    event('FunctionCall', 2, 6, worked(2)),
    event('Commit', 10, 1, worked(1)),
  ];
  expect(keyCosts(events)).toEqual([{ task: 5, script: 2, clock: 9 }]);
});

test('without a key nothing is measured', () => {
  expect(keyCosts([event('RunTask', 0, 9)])).toEqual([]);
});
