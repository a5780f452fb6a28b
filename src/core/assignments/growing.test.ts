import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Answer, RequirementState } from '../requirements/answer';
import type { Requirement } from '../requirements/requirement';
import { countingAt, missingNow, toldOn, type Counting } from './counting';
import { growingSteps, nextStep, shiftedGrowing, stepStandings, wrongStep, type Growing } from './growing';

const GROWING: Growing = {
  startBy: '2026-05-04T16:00',
  milestones: [
    { by: '2026-06-01T16:00', entries: 5 },
    { by: '2026-07-01T16:00', entries: 10 },
  ],
};
const DUE = '2026-07-15T16:00';
const ENTRIES: Requirement = { id: 'e', kind: 'entries', weight: 'required', min: 15 };
const WORDS: Requirement = { id: 'w', kind: 'words', weight: 'required', min: 500 };
const LINKS: Requirement = { id: 'l', kind: 'links', weight: 'bonus' };

const answer = (entries: number, others: RequirementState = 'unmet'): Answer => {
  const one = (id: string, kind: string, state: RequirementState, measured: number) => ({
    id,
    kind,
    state,
    reason: null,
    measured,
    target: {},
    share: 0,
    earned: 0,
    possible: 0,
    message: { key: '', values: {} },
    places: [],
  });
  return {
    ready: entries >= 15 && others === 'met',
    required: { met: 0, of: 2 },
    points: { earned: 0, possible: 0, bonus: 0 },
    provisional: false,
    requirements: [
      one('e', 'entries', entries >= 15 ? 'met' : 'partly', entries),
      one('w', 'words', others, 0),
      one('l', 'links', 'unmet', 0),
    ],
  };
};

describe('what counts at the gate', () => {
  test.each<[string, string, number, string]>([
    ['before it is begun', '2026-05-01T09:00', 0, ''],
    ['on the day of the start', '2026-05-04T09:00', 0, ''],
    ['on an ordinary day', '2026-05-20T09:00', 1, ''],
    ['on the day of a milestone, too few', '2026-06-01T09:00', 4, 'e'],
    ['after its hour, the same day', '2026-06-01T20:00', 4, 'e'],
    ['on the day of a milestone, enough', '2026-06-01T09:00', 5, ''],
    ['the day after', '2026-06-02T00:00', 4, ''],
    ['on the last day', '2026-07-15T08:00', 12, 'e w'],
    ['afterwards', '2026-08-01T08:00', 15, 'w'],
  ])('%s', (_, now, entries, missing) => {
    const counting = countingAt(GROWING, DUE, now);
    const found = missingNow(answer(entries), [ENTRIES, WORDS, LINKS], counting);
    expect(found.map((one) => one.id).join(' ')).toBe(missing);
  });

  test('on the day of a milestone entries speak of what is due, elsewhere of all', () => {
    const due: Counting = { what: 'entries', entries: 5 };
    const notYet: Counting = { what: 'nothing' };
    const said = (entries: number, key: string, counting: Counting = due) => {
      const all = answer(entries);
      const [first, ...others] = all.requirements;
      const told = toldOn(
        {
          ...all,
          requirements: [{ ...first!, message: { key, values: { toGo: 15 - entries } } }, ...others],
        },
        counting,
      );
      expect(told.requirements.slice(1)).toEqual(others);
      return told.requirements[0]!.message;
    };
    expect(said(3, 'below')).toEqual({
      key: 'dueToday',
      values: { toGo: 2, entries: 5, lack: 'dueToday' },
    });
    expect(said(3, 'enough').key).toBe('dueToday');
    expect(said(3, 'incomplete').key).toBe('incomplete');
    expect(said(5, 'below').key).toBe('below');
    expect(said(3, 'below', notYet).key).toBe('below');
  });

  test('a bay that asks for no number of its own is not full before the milestone is reached', () => {
    const all = answer(15);
    const told = toldOn(all, { what: 'entries', entries: 20 }).requirements[0]!;
    expect([told.state, told.share]).toEqual(['partly', Math.min(all.requirements[0]!.share, 0.75)]);
    expect(missingNow(toldOn(all, { what: 'entries', entries: 20 }), [ENTRIES])).toHaveLength(1);
  });

  test('of a post that is written once, everything, always', () => {
    expect(countingAt(null, DUE, '2026-05-01T09:00')).toEqual({ what: 'everything' });
    expect(countingAt(GROWING, null, '2026-05-01T09:00')).toEqual({ what: 'everything' });
    expect(missingNow(answer(15, 'unknown'), [ENTRIES, WORDS, LINKS])).toEqual([]);
  });
});

test.each<[string, Partial<Growing>, string | null, readonly Requirement[], object | null]>([
  ['as it should be', {}, DUE, [ENTRIES], null],
  ['no finish yet', {}, null, [ENTRIES], null],
  ['only a finish', { startBy: null, milestones: [] }, DUE, [WORDS], null],
  [
    'begun after the finish',
    { startBy: '2026-07-20T16:00' },
    DUE,
    [ENTRIES],
    { field: 'growing.startBy', fault: 'order' },
  ],
  [
    'a milestone before the start',
    { startBy: '2026-06-02T00:00' },
    DUE,
    [ENTRIES],
    { field: 'growing.milestones.0', fault: 'order' },
  ],
  [
    'a milestone after the finish',
    {},
    '2026-06-20T16:00',
    [ENTRIES],
    { field: 'growing.milestones.1', fault: 'order' },
  ],
  [
    'fewer than before',
    { milestones: [GROWING.milestones[0]!, { by: '2026-07-01T16:00', entries: 5 }] },
    DUE,
    [ENTRIES],
    { field: 'growing.milestones.1', fault: 'fewer' },
  ],
  ['nothing counts entries', {}, DUE, [WORDS], { field: 'growing.milestones.0', fault: 'noEntries' }],
])('steps: %s', (_, more, due, requirements, expected) => {
  expect(wrongStep({ ...GROWING, ...more }, { due, requirements })).toEqual(expected);
});

test('for another class the steps are as many days later as its finish', () => {
  expect(shiftedGrowing(GROWING, 3)).toEqual({
    startBy: '2026-05-07T16:00',
    milestones: [
      { by: '2026-06-04T16:00', entries: 5 },
      { by: '2026-07-04T16:00', entries: 10 },
    ],
  });
  expect(shiftedGrowing({ startBy: null, milestones: [] }, -1)).toEqual({ startBy: null, milestones: [] });
});

describe('how a post stands by its steps', () => {
  const steps = growingSteps(GROWING, DUE);
  const standings = (now: string, ...handIns: readonly (readonly [string, number, RequirementState?])[]) =>
    stepStandings(
      steps,
      handIns.map(([at, entries, others]) => ({ at, evidence: answer(entries, others) })),
      now,
    )
      .map(({ state, had }) => `${state} ${had ?? '–'}`)
      .join(', ');

  test('nothing handed in', () => {
    expect(standings('2026-05-01T00:00')).toBe('toCome –, toCome –, toCome –, toCome –');
    expect(standings('2026-05-04T16:00')).toContain('toCome –, toCome');
    expect(standings('2026-05-04T16:01')).toContain('missed –, toCome');
  });

  test('a milestone is reached by the last hand-in in time, not by a later one', () => {
    expect(standings('2026-07-02T00:00', ['2026-05-03T10:00', 0], ['2026-06-03T10:00', 7])).toBe(
      'reached 0, missed 0, missed 7, toCome 7',
    );
    expect(standings('2026-06-01T09:00', ['2026-05-03T10:00', 0], ['2026-05-30T10:00', 11])).toBe(
      'reached 0, reached 11, reached 11, toCome 11',
    );
  });

  test('the finish wants everything', () => {
    expect(standings('2026-07-16T00:00', ['2026-05-03T10:00', 20])).toMatch(/missed 20$/);
    expect(standings('2026-07-16T00:00', ['2026-05-03T10:00', 20, 'met'])).toMatch(/reached 20$/);
  });

  test('the next one', () => {
    expect(nextStep(steps, '2026-06-01T16:00')).toMatchObject({ kind: 'milestone', entries: 5 });
    expect(nextStep(steps, '2026-06-01T16:01')).toMatchObject({ entries: 10 });
    expect(nextStep(steps, '2026-07-16T00:00')).toBeNull();
  });
});

describe('whatever is asked and handed in when', () => {
  /** Days of one term, so that steps, hand-ins and now meet often. */
  const minute = fc
    .tuple(fc.integer({ min: 1, max: 28 }), fc.constantFrom('08:00', '16:00', '16:01', '23:59'))
    .map(([day, time]) => `2026-06-${String(day).padStart(2, '0')}T${time}`);
  const growing: fc.Arbitrary<readonly [Growing, string]> = fc
    .tuple(
      fc.uniqueArray(minute, { minLength: 1, maxLength: 6 }),
      fc.uniqueArray(fc.integer({ min: 1, max: 30 }), { minLength: 6, maxLength: 6 }),
      fc.boolean(),
    )
    .map(([times, entries, starts]) => {
      const sorted = times.toSorted();
      const due = sorted.pop()!;
      const startBy = starts ? (sorted.shift() ?? null) : null;
      const counts = entries.toSorted((one, another) => one - another);
      return [{ startBy, milestones: sorted.map((by, index) => ({ by, entries: counts[index]! })) }, due];
    });
  const handIns = fc
    .array(fc.tuple(minute, fc.integer({ min: 0, max: 30 }), fc.boolean()), { maxLength: 6 })
    .map((all) =>
      all
        .toSorted(([one], [another]) => one.localeCompare(another))
        .map(([at, entries, ready]) => ({ at, evidence: { ...answer(entries), ready } })),
    );

  test('what is in order is let stand, and a step out of its order is found', () => {
    fc.assert(
      fc.property(growing, ([one, due]) => {
        const settings = { due, requirements: [ENTRIES] };
        expect(wrongStep(one, settings)).toBeNull();
        const [first] = growingSteps(one, due);
        if (one.milestones.length + (one.startBy === null ? 0 : 1) === 0) return;
        expect(wrongStep(one, { ...settings, due: first!.by })).not.toBeNull();
      }),
    );
  });

  test('time goes one way: what was reached stays so, and what was missed is never caught up', () => {
    fc.assert(
      fc.property(growing, handIns, minute, minute, ([one, due], all, a, b) => {
        const [earlier, later] = [a, b].sort() as [string, string];
        const at = (now: string) =>
          stepStandings(
            growingSteps(one, due),
            all.filter((handIn) => handIn.at <= now),
            now,
          );
        const after = at(later);
        for (const [index, { by, state }] of at(earlier).entries()) {
          if (earlier > by) expect(after[index]?.state).toBe(state);
          if (earlier > by) expect(state).not.toBe('toCome');
        }
        for (const { by, state } of after)
          expect([by, state === 'missed' && later <= by]).toEqual([by, false]);
      }),
    );
  });

  test('what is handed in after a step says nothing about it', () => {
    fc.assert(
      fc.property(growing, handIns, handIns, minute, ([one, due], all, more, now) => {
        const steps = growingSteps(one, due);
        for (const step of steps) {
          const late = more.filter(({ at }) => at > step.by);
          const both = [...all, ...late].toSorted((x, y) => x.at.localeCompare(y.at));
          expect(stepStandings([step], both, now)).toEqual(stepStandings([step], all, now));
        }
      }),
    );
  });

  test('the next step is the first that is not past, and its day says what counts', () => {
    fc.assert(
      fc.property(growing, minute, ([one, due], now) => {
        const steps = growingSteps(one, due);
        const next = nextStep(steps, now);
        expect(steps.filter(({ by }) => by < now)).toHaveLength(next ? steps.indexOf(next) : steps.length);
        const counting = countingAt(one, due, now);
        const today = now.slice(0, 10);
        const asked = one.milestones.find(({ by }) => by.slice(0, 10) === today);
        expect(counting.what).toBe(today >= due.slice(0, 10) ? 'everything' : asked ? 'entries' : 'nothing');
      }),
    );
  });
});
