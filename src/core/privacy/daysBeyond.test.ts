import fc from 'fast-check';
import { expect, test } from 'vitest';
import { addDays } from '../timing/zonedTime';
import { consentOn, type Consent } from './consent';
import { daysBeyond } from './daysBeyond';

const TODAY = '2026-12-02';

function daysOf(consents: readonly Consent[], day = TODAY) {
  return daysBeyond(day, (on) => consentOn(consents, on).has('firstName'), consents);
}

function consent(givenOn: string, until: string | null, withdrawn = false): Consent {
  return { purposes: ['firstName'], givenOn, until, withdrawn };
}

test('a consent without an end holds always, none never', () => {
  expect(daysOf([consent('2026-01-01', null)])).toEqual({ from: '1000-01-01', until: '9999-12-31' });
  expect(daysOf([])).toBeNull();
  expect(daysOf([consent('2026-01-01', null, true)])).toBeNull();
  expect(daysOf([consent('2026-01-01', '2026-12-01')])).toBeNull();
});

test('the last day counts, and one consent goes on where another ends', () => {
  expect(daysOf([consent('2026-01-01', TODAY)])?.until).toBe(TODAY);
  expect(daysOf([consent('2026-01-01', '2026-12-31'), consent('2027-01-01', '2027-07-31')])?.until).toBe(
    '2027-07-31',
  );
  expect(daysOf([consent('2026-01-01', '2026-12-31'), consent('2027-01-02', null)])?.until).toBe(
    '2026-12-31',
  );
});

test('where none holds yet, those of the next one', () => {
  expect(daysOf([consent('2027-01-08', '2027-02-01'), consent('2027-03-01', null)])).toEqual({
    from: '2027-01-08',
    until: '2027-02-01',
  });
});

test('within the days it is allowed on each, and not on the day after', () => {
  const near = fc.integer({ min: -40, max: 40 }).map((days) => addDays(TODAY, days));
  const one = fc.record({
    purposes: fc.constant(['firstName'] as const),
    givenOn: near,
    until: fc.option(near),
    withdrawn: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(one, { maxLength: 5 }), (consents) => {
      const allowed = (day: string) => consentOn(consents, day).has('firstName');
      const days = daysOf(consents);
      for (let offset = 0; offset < 60; offset += 1) {
        const day = addDays(TODAY, offset);
        const within = days !== null && days.from <= day && day <= days.until;
        if (within) expect(allowed(day)).toBe(true);
        if (days !== null && day === addDays(days.until, 1)) expect(allowed(day)).toBe(false);
        if (offset === 0) expect(within).toBe(allowed(day));
      }
    }),
  );
});
