import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alike } from '../text/alike';
import { exportRoster } from './exportRoster';
import { matchNames } from './matchNames';
import { planRoster, type ExistingPerson } from './planRoster';
import { readRosterCsv } from './readRosterCsv';
import { readRosterLines } from './readRosterLines';
import type { RosterRecord } from './rosterRecord';

const bytes = (text: string) => new TextEncoder().encode(text);

function records(text: string | Uint8Array): readonly RosterRecord[] {
  const file = readRosterCsv(typeof text === 'string' ? bytes(text) : text);
  if (!file.ok) throw new Error(file.problem);
  return file.records;
}

const plan = (text: string, existing: readonly ExistingPerson[] = []) => planRoster(records(text), existing);
const names = (text: string | Uint8Array) => records(text).map((record) => record.name);

describe('columns', () => {
  test.each([
    ['name\nInes Marlow', 'Ines Marlow', 'Ines', 'Marlow'],
    ['NAME\n"Marlow, Ines"', 'Ines Marlow', 'Ines', 'Marlow'],
    ['name\nMarlow, Ines', 'Ines Marlow', 'Ines', 'Marlow'],
    ['name\n  Bram   Dekker ', 'Bram Dekker', 'Bram', 'Dekker'],
    ['name\nLudo van der Berg', 'Ludo van der Berg', 'Ludo', 'van der Berg'],
    ['name\n"van der Berg, Ludo"', 'Ludo van der Berg', 'Ludo', 'van der Berg'],
    ['name\nMary Ann Hollis', 'Mary Ann Hollis', 'Mary Ann', 'Hollis'],
    ['name\nIlse', 'Ilse', 'Ilse', null],
    ['Family Name, First  name\nO’Dell,Siún', 'Siún O’Dell', 'Siún', 'O’Dell'],
    ['Last name;Given name\n;Leo', 'Leo', 'Leo', null],
    ['first name\tlast name\nנועה\tלוי', 'נועה לוי', 'נועה', 'לוי'],
    ['Kennung;Nachname;Vorname\n7;Ahrens;Jördis', 'Jördis Ahrens', 'Jördis', 'Ahrens'],
    ['name\n\u202Eevil\u202C Name', 'evil Name', 'evil', 'Name'],
  ])('%j', (csv, name, givenName, familyName) => {
    expect(records(csv)).toMatchObject([{ row: 2, name, givenName, familyName }]);
  });

  test('what a record does not say is null', () => {
    expect(
      records('pen name,E-Mail,id,group,name\n,,,,Ines Marlow\nTern,i@example.org,7,Blue,Corin A'),
    ).toEqual([
      {
        row: 2,
        name: 'Ines Marlow',
        givenName: 'Ines',
        familyName: 'Marlow',
        email: null,
        id: null,
        group: null,
        penName: null,
      },
      {
        row: 3,
        name: 'Corin A',
        givenName: 'Corin',
        familyName: 'A',
        email: 'i@example.org',
        id: '7',
        group: 'Blue',
        penName: 'Tern',
      },
    ]);
  });

  test('unknown ones and those that stand twice are named and left alone', () => {
    const file = readRosterCsv(bytes('name,Shoe size,e-mail,email\nInes,38,a@example.org,b@example.org'));
    expect(file).toMatchObject({
      ok: true,
      warnings: [
        { row: 1, field: 'Shoe size', reason: 'unknownColumn' },
        { row: 1, field: 'email', reason: 'columnTwice' },
      ],
      records: [{ email: 'a@example.org' }],
    });
  });

  test('a record with more cells than there are columns is pointed at', () => {
    expect(readRosterCsv(bytes('name,id\nMarlow,Ines,7\n'))).toMatchObject({
      warnings: [{ row: 2, field: 'row', reason: 'moreCells' }],
    });
  });
});

describe('files as spreadsheets write them', () => {
  const text = 'name;group\r\nZoë Å;Blue\r\n';
  const wide = (big: boolean) =>
    Uint8Array.from(
      Array.from(text).flatMap((sign) => {
        const code = sign.charCodeAt(0);
        return big ? [code >> 8, code & 255] : [code & 255, code >> 8];
      }),
    );
  test.each([
    ['UTF-8', bytes(text)],
    ['UTF-8 with its mark', bytes(`\uFEFF${text}`)],
    ['UTF-16, little end first', Uint8Array.from([0xff, 0xfe, ...wide(false)])],
    ['UTF-16, big end first', Uint8Array.from([0xfe, 0xff, ...wide(true)])],
    ['UTF-16 without a mark', wide(false)],
    ['UTF-16 without a mark, big end first', wide(true)],
    ['Windows-1252', Uint8Array.from(Array.from(text, (sign) => sign.charCodeAt(0)))],
  ])('%s', (_, file) => {
    expect(records(file)).toMatchObject([{ name: 'Zoë Å', group: 'Blue' }]);
  });

  test.each([['\n'], ['\r\n'], ['\r']])('lines that end in %j', (end) => {
    expect(names(['name,id', 'Ines,1', '', 'Corin,2'].join(end))).toEqual(['Ines', 'Corin']);
  });

  test('quotes hold separators, quotes and line ends', () => {
    expect(names('name,id\n"Marlow ""Minnow"", Ines",1\n"Corin\nAshdown",2')).toEqual([
      'Ines Marlow "Minnow"',
      'Corin Ashdown',
    ]);
  });

  test('blank records are passed over but keep their place', () => {
    expect(records('name,id\n\nInes,1\n , \nCorin,2\n\n').map(({ row }) => row)).toEqual([3, 5]);
    expect(plan('name\n\nInes\n').rows).toBe(1);
  });

  test.each([
    ['', 'noNameColumn'],
    ['id,email\n1,a@example.org', 'noNameColumn'],
    ['{"name": "Ines"}', 'noNameColumn'],
    ['PK\u0003\u0004\u0000\u0000', 'notCsv'],
  ])('%j cannot be read: %s', (csv, problem) => {
    expect(readRosterCsv(bytes(csv))).toMatchObject({ ok: false, problem });
  });

  test('a quotation mark that is never closed would swallow people: it is named', () => {
    expect(readRosterCsv(bytes('name,id\nInes,1\n"Corin,2\nBram,3\n'))).toEqual({
      ok: false,
      problem: 'openQuote',
      row: 3,
    });
  });
});

describe('what is refused', () => {
  const long = 'é'.repeat(121);
  test.each([
    ['id,name\n7,', 'name', 'noName'],
    ['id,name\n7,--', 'name', 'noName'],
    [`name\n${long}`, 'name', 'nameTooLong'],
    [`name,pen name\nInes,${long}`, 'penName', 'fieldTooLong'],
    ['name,email\nInes,ines at example.org', 'email', 'notAnAddress'],
    ['name,email\nInes,ines@', 'email', 'notAnAddress'],
    ['name,email\nInes,ines@quay', 'email', 'notAnAddress'],
    ['name,email\nInes,i..nes@example.org', 'email', 'notAnAddress'],
    ['name,email\nInes,@example.org', 'email', 'notAnAddress'],
    ['name,email\nInes,a@-example.org', 'email', 'notAnAddress'],
  ])('%j', (csv, field, reason) => {
    const { made, refused } = plan(csv);
    expect([made, refused]).toEqual([[], [{ row: 2, field, reason }]]);
  });

  test('an identifier or address that stands earlier, in a refused record too', () => {
    const { made, refused } = plan(
      'name,id,email\nInes,7,a@example.org\nCorin,7,b@example.org\nBram,8,A@Example.org\n,9,\nLeo,9,',
    );
    expect(made.map(({ row }) => row)).toEqual([2]);
    expect(refused).toEqual([
      { row: 3, field: 'id', reason: 'standsEarlier' },
      { row: 4, field: 'email', reason: 'standsEarlier' },
      { row: 5, field: 'name', reason: 'noName' },
      { row: 6, field: 'id', reason: 'standsEarlier' },
    ]);
  });

  test('a name of 120 characters, counted as they are seen, is not', () => {
    expect(plan(`name\n${'e\u0301'.repeat(120)}`).made).toHaveLength(1);
  });

  test('nor is a cell that begins like a formula: it is text', () => {
    expect(names('name\n=HYPERLINK(A1)\n+Ines\n@Corin')).toEqual(['=HYPERLINK(A1)', '+Ines', '@Corin']);
  });
});

test('a name that stands twice, however it is written, is warned of and made', () => {
  const { made, warnings } = plan("name\nInes O’Dell\nINÉS o'dell");
  expect(made).toHaveLength(2);
  expect(warnings).toEqual([{ row: 3, field: 'name', reason: 'nameTwice' }]);
});

describe('who is there already', () => {
  const existing = [
    { id: '7', email: 'ines@example.org', name: 'Ines Marlow' },
    { id: null, email: 'Corin@example.org', name: 'Corin Ashdown' },
    { id: '9', email: null, name: 'Bram Dekker' },
  ];

  test('is matched by identifier, else by address, never by name alone', () => {
    const { made, matched } = plan(
      'name,id,email\nInes M,7,\nCorin A,44,corin@EXAMPLE.org\nBram Dekker,,',
      existing,
    );
    expect(matched.map(({ row, name, by }) => [row, name, by])).toEqual([
      [2, 'Ines M', 'id'],
      [3, 'Corin A', 'email'],
    ]);
    expect(made.map(({ name }) => name)).toEqual(['Bram Dekker']);
  });

  test('what does not agree is warned of', () => {
    const csv = 'name,id,email\nInes,7,corin@example.org\nInes,12,ines@example.org\nBram,9,';
    expect(plan(csv, existing).warnings).toEqual([
      { row: 2, field: 'email', reason: 'differentPerson' },
      { row: 3, field: 'name', reason: 'nameTwice' },
      { row: 3, field: 'id', reason: 'samePersonTwice' },
    ]);
  });
});

describe('a pasted list', () => {
  test('one name to a line, however it is marked', () => {
    const { records: read, refused } = readRosterLines(
      '1. Ines Marlow\n2) Corin Ashdown\n\n- Bram  Dekker\n12B\nJuno P.; Juno P.\nDahl, Senna\nLeo Fontana <leo@example.org>\nRafi\tK',
    );
    expect(read.map(({ row, name, email }) => [row, name, email])).toEqual([
      [1, 'Ines Marlow', null],
      [2, 'Corin Ashdown', null],
      [4, 'Bram Dekker', null],
      [7, 'Senna Dahl', null],
      [8, 'Leo Fontana', 'leo@example.org'],
      [9, 'Rafi K', null],
    ]);
    expect(refused).toEqual([
      { row: 5, field: 'name', reason: 'noName', text: '12B' },
      { row: 6, field: 'name', reason: 'severalNames', text: 'Juno P.; Juno P.' },
    ]);
  });

  test('a table that was copied with its header', () => {
    expect(readRosterLines('Last name\tFirst name\nMarlow\tInes').records).toMatchObject([
      { name: 'Ines Marlow' },
    ]);
  });
});

describe('a pasted list of columns', () => {
  const text = 'Marlow\tInes\t4711\nvan der Berg\tLudo\tludo@example.org\nDekker\tBram\t';
  const read = (order: 'givenFirst' | 'familyFirst' | null) =>
    readRosterLines(text, order).records.map(({ givenName, familyName, email }) => [
      givenName,
      familyName,
      email,
    ]);

  test('without a heading it is asked which is the family name, once', () => {
    expect(readRosterLines(text).asksOrder).toBe(true);
    expect(readRosterLines(text, 'familyFirst').asksOrder).toBe(false);
    expect(read('familyFirst')).toEqual([
      ['Ines', 'Marlow', null],
      ['Ludo', 'van der Berg', 'ludo@example.org'],
      ['Bram', 'Dekker', null],
    ]);
    expect(read('givenFirst')[0]).toEqual(['Marlow', 'Ines', null]);
  });

  test('of a single column nothing is asked, and numbers beside it are left alone', () => {
    const { records: one, asksOrder } = readRosterLines('1\tInes Marlow\n2\tBram Dekker');
    expect(asksOrder).toBe(false);
    expect(one.map(({ name }) => name)).toEqual(['Ines Marlow', 'Bram Dekker']);
  });

  test('a plain list can be written with the family name first', () => {
    const { records: turned } = readRosterLines(
      'Marlow Ines\nAshdown, Corin\nDekker Bram Jan',
      'familyFirst',
    );
    expect(turned.map(({ name }) => name)).toEqual(['Ines Marlow', 'Corin Ashdown', 'Bram Jan Dekker']);
  });

  test('what looks like a formula is text', () => {
    expect(readRosterLines('=cmd|calc Marlow').records).toMatchObject([{ familyName: 'Marlow' }]);
    expect(readRosterLines('=1+1').refused).toMatchObject([{ reason: 'noName', text: '=1+1' }]);
  });
});

describe('names in the class', () => {
  const members = [
    { personId: 'a', givenName: 'Tomas', familyName: 'Brackley' },
    { personId: 'b', givenName: 'Senna', familyName: 'D' },
    { personId: 'c', givenName: 'Rafi', familyName: 'Kestrel' },
    { personId: 'd', givenName: 'Ines', familyName: 'Marlow' },
    { personId: 'e', givenName: 'Ines', familyName: 'Marlow' },
  ];
  const match = (text: string) => {
    const { fresh, matches } = matchNames(readRosterLines(text).records, members);
    return [
      ...fresh.map(({ row }) => [row, 'fresh'] as const),
      ...matches.map(({ record, member, how }) => [record.row, how, member.personId] as const),
    ];
  };
  test.each([
    ['Tomas Brackley', [1, 'same', 'a']],
    ['tomas b.', [1, 'same', 'a']],
    ['Rafi K', [1, 'same', 'c']],
    ['Tomas', [1, 'same', 'a']],
    ['Senna Dahl', [1, 'perhaps', 'b']],
    ['Senna Varga', [1, 'fresh']],
    ['Tomas Bell', [1, 'fresh']],
    ['Ines M.', [1, 'perhaps', 'd']],
    ['Tomas Brackley <t@example.org>', [1, 'perhaps', 'a']],
    ['Tomas B <t@example.org>', [1, 'perhaps', 'a']],
  ])('%s: %j', (line, expected) => {
    expect(match(line)).toEqual([expected]);
  });

  test('who has another identifier or address is another, and of another class only perhaps', () => {
    const people = [
      { personId: 'a', givenName: 'Tomas', familyName: 'Brackley', schoolId: 's-1', email: null },
      { personId: 'b', givenName: 'Mara', familyName: 'Fenn', schoolId: null, email: 'M@example.org' },
      { personId: 'c', givenName: 'Rafi', familyName: 'Kestrel', elsewhere: true },
    ];
    const csv =
      'name,id,email\nTomas Brackley,s-2,\nTomas Brackley,s-1,\nMara Fenn,,m@EXAMPLE.org\nMara Fenn,,f@example.org\nRafi Kestrel,,';
    const { matches } = matchNames(records(csv), people);
    expect(matches.map(({ record, how, member }) => [record.row, how, member.personId])).toEqual([
      [3, 'perhaps', 'a'],
      [4, 'perhaps', 'b'],
      [6, 'perhaps', 'c'],
    ]);
  });

  test('each member is taken once', () => {
    expect(match('Ines Marlow\nInes Marlow\nInes Marlow')).toEqual([
      [3, 'fresh'],
      [1, 'same', 'd'],
      [2, 'same', 'e'],
    ]);
  });
});

test('an exported roster reads back, and no cell of it is a formula', () => {
  const line = {
    givenName: '=1+2',
    familyName: 'O"Dell',
    id: '-7',
    email: null,
    group: 'Blue',
    penName: '@tern',
  };
  const csv = exportRoster([line]);
  for (const cell of csv.split(/[,\r\n]/)) expect(cell.replaceAll('"', '')).not.toMatch(/^[=+\-@]/);
  expect(records(csv)).toMatchObject([{ name: '\'=1+2 O"Dell', group: 'Blue' }]);
});

describe('properties', () => {
  const cell = fc.oneof(
    fc.string({ unit: 'grapheme', maxLength: 12 }),
    fc.constantFrom('', 'Ines', '7', 'a@example.org'),
  );
  const line = fc.record({ name: cell, id: cell, email: cell });
  const table = fc
    .array(line, { maxLength: 12 })
    .map((lines) =>
      [
        'name,id,email',
        ...lines.map((one) =>
          [one.name, one.id, one.email].map((text) => `"${text.replaceAll('"', '""')}"`).join(','),
        ),
      ].join('\n'),
    );

  test('every record comes to one end, and the same import again makes nobody who can be known again', () => {
    fc.assert(
      fc.property(table, (csv) => {
        const file = readRosterCsv(bytes(csv));
        if (!file.ok) return;
        const first = planRoster(file.records, []);
        expect(first.made.length + first.matched.length + first.refused.length).toBe(first.rows);
        const second = planRoster(file.records, first.made);
        expect(second.made.every(({ id, email }) => id === null && email === null)).toBe(true);
        expect(second.refused).toEqual(first.refused);
      }),
    );
  });

  const named = fc.record({
    givenName: fc.constantFrom('Ines', 'Åse', 'Bram', 'Zoë'),
    familyName: fc.constantFrom('', 'M', 'M.', 'Marlow', 'Mortimer', 'Dekker', 'van der Berg'),
  });
  const membersOf = (people: readonly { readonly givenName: string; readonly familyName: string }[]) =>
    people.map((one, index) => ({ ...one, personId: String(index) }));
  const pasted = (people: readonly { readonly givenName: string; readonly familyName: string }[]) =>
    readRosterLines(people.map((one) => `${one.givenName} ${one.familyName}`.trim()).join('\n')).records;

  test('a list that is pasted again, in whatever order, changes nothing', () => {
    fc.assert(
      fc.property(fc.array(named, { maxLength: 10 }), fc.nat(), (people, turn) => {
        const turned = people.map((_, index) => people[(index + turn) % people.length]!);
        const { fresh, matches } = matchNames(pasted(turned), membersOf(people));
        expect(fresh).toEqual([]);
        expect(matches.every(({ how }) => how === 'same')).toBe(true);
        expect(new Set(matches.map(({ member }) => member)).size).toBe(people.length);
      }),
    );
  });

  test('whatever stands beside it in the list, a whole name finds who has it', () => {
    fc.assert(
      fc.property(fc.array(named, { maxLength: 8 }), fc.array(named, { maxLength: 8 }), (list, people) => {
        const members = membersOf(people);
        const { fresh, matches } = matchNames(pasted(list), members);
        expect(fresh.length + matches.length).toBe(list.length);
        expect(new Set(matches.map(({ member }) => member)).size).toBe(matches.length);
        const whole = ({
          givenName,
          familyName,
        }: {
          readonly givenName: string;
          readonly familyName: string;
        }) => alike(`${givenName} ${familyName}`);
        for (const one of fresh) {
          const taken = matches.filter(({ member }) => whole(member) === alike(one.name));
          expect(taken).toHaveLength(members.filter((member) => whole(member) === alike(one.name)).length);
          expect(taken.every(({ record }) => alike(record.name) === alike(one.name))).toBe(true);
        }
      }),
    );
  });

  test('no bytes make it throw', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 300 }), (file) => {
        readRosterCsv(file);
        readRosterLines(String.fromCharCode(...file));
      }),
    );
  });
});
