import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  answerTo,
  anyPost,
  ASSIGNMENT,
  oneAnswer,
  requirementOf,
  result,
  resultsFor,
  SETTINGS,
} from '../../../tests/support/requirements';
import { readHtml } from '../document/html/readHtml';
import { webAddresses } from '../document/webAddresses';
import { REQUIREMENT_KINDS } from './registry';
import { titlePattern } from './titlePattern';

test('settings of every kind are tried', () => {
  expect(Object.keys(SETTINGS).sort()).toEqual(REQUIREMENT_KINDS.map((kind) => kind.kind).sort());
});

describe.each(Object.entries(SETTINGS))('%s', (kind, settings) => {
  test('state, share and points tell the same', () => {
    fc.assert(
      fc.property(anyPost, settings, fc.boolean(), (post, asked, partial) => {
        const one = oneAnswer(post, requirementOf(kind, asked, { partial }));
        expect(one.share).toBeGreaterThanOrEqual(0);
        expect(one.share).toBeLessThanOrEqual(1);
        expect(one.state === 'unknown').toBe(one.reason !== null);
        if (one.state === 'met') expect([one.share, one.earned]).toEqual([1, one.possible]);
        if (one.state === 'unmet') expect([one.share, one.earned]).toEqual([0, 0]);
        if (one.state === 'unknown') expect(one.earned).toBe(0);
        if (one.state === 'partly' || one.state === 'over') {
          expect(one.earned).toBeLessThan(one.possible);
          if (!partial) expect(one.earned).toBe(0);
        }
      }),
      { numRuns: 150, endOnFailure: true },
    );
  });

  test('places lie in the post, and the same post gets the same answer again', () => {
    fc.assert(
      fc.property(anyPost, settings, (post, asked) => {
        const [first, again] = [requirementOf(kind, asked), requirementOf(kind, asked)];
        const answer = oneAnswer(post, first);
        expect(oneAnswer(post, again)).toEqual(answer);
        for (const { from, to } of answer.places) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeGreaterThan(from);
          expect(to).toBeLessThanOrEqual(post.body.content.size);
        }
      }),
      { numRuns: 100, endOnFailure: true },
    );
  });

  test('advice has no points, a bonus adds some and never holds up', () => {
    fc.assert(
      fc.property(anyPost, settings, (post, asked) => {
        const advice = answerTo(post, requirementOf(kind, asked, { weight: 'advice' }));
        const bonus = answerTo(post, requirementOf(kind, asked, { weight: 'bonus' }));
        const required = answerTo(post, requirementOf(kind, asked));
        expect(advice.points).toEqual({ earned: 0, possible: 0, bonus: 0 });
        expect([advice.ready, advice.provisional, advice.required.of]).toEqual([true, false, 0]);
        expect(bonus.points).toEqual({ earned: 0, possible: 0, bonus: required.points.earned });
        expect([bonus.ready, bonus.required.of, required.required.of]).toEqual([true, 0, 1]);
        expect(required.ready).toBe(['met', 'unknown'].includes(required.requirements[0]!.state));
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });
});

describe('what was not looked at', () => {
  const parts = fc.array(
    fc.constantFrom(
      '<p><a href="https://a.example/1">the pier</a></p>',
      '<p><a href="https://a.example/2">here</a></p>',
      '<p><a href="https://b.example/">tide tables</a></p>',
      '<p><a href="https://www.b.example/x">a map</a></p>',
      '<a data-document href="https://c.example/1">Notes</a>',
      '<a data-document href="https://c.example/2">Draft</a>',
    ),
    { maxLength: 6 },
  );

  test.each(['links', 'document'])('%s: is unknown just while it could still make it met', (kind) => {
    fc.assert(
      fc.property(parts, fc.array(result, { maxLength: 6 }), SETTINGS[kind]!, (html, results, asked) => {
        const body = readHtml(html.join(''));
        const found = resultsFor(body, results);
        const best = Object.fromEntries(
          webAddresses(body).map((address) => {
            const known = found[address];
            return [address, known === undefined || known === 'unreachable' ? 'opens' : known];
          }),
        );
        const now = oneAnswer(
          { title: '', labels: [], body, openResults: found },
          requirementOf(kind, asked),
        );
        const later = oneAnswer(
          { title: '', labels: [], body, openResults: best },
          requirementOf(kind, asked),
        );
        expect(now.share).toBeLessThanOrEqual(later.share);
        if (now.state === 'met' || now.state === 'over') expect(later.state).toBe(now.state);
        else expect(now.state === 'unknown').toBe(later.state === 'met');
      }),
      { numRuns: 500, endOnFailure: true },
    );
  });
});

describe('a title', () => {
  const text = fc.constantFrom('Rain log', 'Café', 'L’été', 'Straße', 'day', 'Небо');
  const field = fc.constantFrom('{number}', '{week}', '{date}');
  const between = fc.constantFrom(' · ', ': ', ' – ', ' ', ' | ', '. ');
  const pattern = fc
    .array(fc.oneof(text, field), { minLength: 1, maxLength: 3 })
    .chain((pieces) => between.map((sign) => pieces.join(sign)));

  test('that is what the railing shows begins as it must, whatever its signs and letters', () => {
    fc.assert(
      fc.property(pattern, between, fc.constantFrom('', '# ', '🌧️ ', '– '), (written, sign, before) => {
        const read = titlePattern(written, ASSIGNMENT);
        const { example } = read;
        const others = example.replace(/ · |: | – | \| |\. /gu, sign);
        for (const title of [example, `${before}${example}`, others.toUpperCase(), `${example} · fog`]) {
          expect([title, read.begins(title)]).toEqual([title, true]);
          expect(read.firstMissing(title)).toBe('text');
        }
        expect(read.begins(`x${example}`)).toBe(false);
      }),
      { numRuns: 300, endOnFailure: true },
    );
  });
});
