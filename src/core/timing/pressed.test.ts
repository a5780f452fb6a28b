import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CLOCKS_AGREE, latePress } from './pressed';

const NOW = new Date('2026-11-19T18:00:00Z');
const HOUR = 3_600_000;
const BEGUN = new Date('2026-11-16T08:00:00Z');
const hoursAgo = (hours: number) => NOW.getTime() - hours * HOUR;
const press = (at: number, deviceNow = NOW.getTime(), span = 12 * HOUR, notBefore = BEGUN) =>
  latePress({ at, deviceNow }, { now: NOW, span, notBefore });

describe('a press that was sent later', () => {
  test('counts from when it was made, within the span', () => {
    expect(press(hoursAgo(2))).toEqual({ pressedAt: new Date('2026-11-19T16:00:00Z'), counts: true });
    expect(press(hoursAgo(12))?.counts).toBe(true);
    expect(press(hoursAgo(13))).toEqual({ pressedAt: new Date('2026-11-19T05:00:00Z'), counts: false });
  });

  test('is told and does not count where no span is set', () => {
    expect(press(hoursAgo(1), NOW.getTime(), 0)).toEqual({ pressedAt: new Date(hoursAgo(1)), counts: false });
  });

  test('does not count by a clock that is off, and is told by how long it waited', () => {
    const off = CLOCKS_AGREE + 1;
    expect(press(hoursAgo(2) - off, NOW.getTime() - off)).toEqual({
      pressedAt: new Date(hoursAgo(2)),
      counts: false,
    });
    expect(press(hoursAgo(2), NOW.getTime() + CLOCKS_AGREE)?.counts).toBe(true);
  });

  test('that came at once, or cannot have been, is none', () => {
    expect(press(NOW.getTime() - 1000)).toBeNull();
    expect(press(NOW.getTime() + HOUR)).toBeNull();
    expect(press(hoursAgo(5000))).toBeNull();
    expect(press(Number.NaN)).toBeNull();
  });

  test('never counts from before what came before it, nor from the future', () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer(), fc.nat(), (at, deviceNow, span) => {
        const late = press(at, deviceNow, span);
        if (!late) return;
        expect(late.pressedAt.getTime()).toBeGreaterThan(BEGUN.getTime());
        expect(late.pressedAt.getTime()).toBeLessThanOrEqual(NOW.getTime());
      }),
    );
  });
});
