import fc from 'fast-check';
import { expect, test } from 'vitest';
import { caseReaders } from './caseReaders';

const ids = fc.array(fc.constantFrom('ada', 'ben', 'cory', 'dora', 'edda'), { maxLength: 4 });

test.each([
  [['ada'], ['ben'], ['cory'], 'wren', 'named', ['ada']],
  [['ada', 'dora'], ['ben'], ['cory'], 'ada', 'named', ['dora']],
  [['ada'], ['ben', 'ada'], ['cory'], 'ada', 'administrators', ['ben']],
  [['ada'], ['ada'], ['cory'], 'ada', 'administrators', []],
  [[], ['ben'], ['cory', 'ben'], null, 'nobodyNamed', ['ben', 'cory']],
  [[], ['ben'], ['cory'], 'cory', 'nobodyNamed', ['ben']],
] as const)(
  'named %j, administrators %j, teachers %j, about %s',
  (named, administrators, teachers, about, as, read) => {
    expect(caseReaders({ named, administrators, teachers }, about)).toEqual({ as, personIds: read });
  },
);

test('nobody whose words it is about reads it, and no teacher of the class where somebody is named', () => {
  fc.assert(
    fc.property(
      ids,
      ids,
      ids,
      fc.constantFrom('ada', 'ben', 'cory', null),
      (named, administrators, teachers, about) => {
        const { personIds } = caseReaders({ named, administrators, teachers }, about);
        if (about !== null) expect(personIds).not.toContain(about);
        expect(new Set(personIds).size).toBe(personIds.length);
        if (named.length > 0) for (const id of personIds) expect([...named, ...administrators]).toContain(id);
      },
    ),
  );
});
