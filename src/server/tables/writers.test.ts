import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';

const SERVER = path.resolve('src/server');
const filesUnder = (folder: string) =>
  readdirSync(path.join(SERVER, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => ({ name, text: readFileSync(path.join(SERVER, folder, name), 'utf8') }));

/** The functions that write to a table, each with the file that it stands in. */
const writing = new Map(
  filesUnder('tables').flatMap(({ name, text }) =>
    [...text.matchAll(/export async function (\w+)\([\s\S]*?\n}\n/g)]
      .filter(([body]) => /database\.(change|insert)\(/.test(body))
      .map(([, called = '']) => [called, name.replace('.ts', '')] as const),
  ),
);

/** Which folders of deeds write to which file of tables. */
function writers(): ReadonlyMap<string, ReadonlySet<string>> {
  const found = new Map<string, Set<string>>();
  for (const { name, text } of filesUnder('deeds'))
    for (const [, names = '', table = ''] of text.matchAll(/import \{([^}]*)\} from '[^']*tables\/(\w+)'/g))
      for (const called of names.split(',').map((one) => one.trim()))
        if (writing.get(called) === table)
          found.set(table, (found.get(table) ?? new Set()).add(name.split('/')[0] ?? ''));
  return found;
}

/**
 * Tables that more than their own aggregate writes to, and why that is one act with what the other does. What is done later
 * (`chores`) and a class that is copied (`copying`) stand over the aggregates.
 */
const SHARED: Readonly<Record<string, readonly string[]>> = {
  // A hand-in gives a post its first address.
  addresses: ['addresses', 'posts'],
  // Who is sent back until later has until then.
  adjustments: ['assignments', 'reviews'],
  // Opening the whole set is noted at the assignment.
  assignments: ['assignments', 'publications'],
  // What is sent back is not opened at a time any more.
  plannedOpenings: ['publications', 'reviews'],
  // What own words are compared with goes along to where the same is asked.
  givenSources: ['assignments', 'sources'],
  // What readers are asked goes along to where the same is asked.
  peerRounds: ['assignments', 'peerReading'],
  // The figure that is set of two readings is what counts from then on; what was judged of a reading taken back goes.
  gradeFigures: ['reviews', 'secondReadings'],
  judgements: ['reviews', 'secondReadings'],
  // Evidence that was measured anew.
  handIns: ['evidence', 'posts'],
  // What an assignment has with it.
  handouts: ['assignments', 'handouts'],
  // Who runs a class comes with it; who accepts an invitation, by it; a class whose teacher is gone gets another.
  memberships: ['administration', 'classes', 'invitations', 'people'],
  // A decision sends the notes along.
  // Its writer at the desk has the notes before the eyes.
  notes: ['notes', 'posts', 'reviews'],
  // An account is made, used, or given a password.
  people: ['accounts', 'administration', 'invitations', 'sessions'],
  // A decision is the next stage of the post.
  posts: ['posts', 'reviews'],
  // Whoever loses an account or a place is signed out.
  sessions: ['accounts', 'administration', 'invitations', 'people', 'sessions'],
};

test('a table is written to by its own aggregate, and by others only where that is said here', () => {
  expect(writing.size).toBeGreaterThan(100);
  const shared = [...writers()]
    .map(
      ([table, by]) => [table, [...by].filter((one) => !['chores', 'copying'].includes(one)).sort()] as const,
    )
    .filter(([, by]) => by.length > 1);
  expect(Object.fromEntries(shared)).toEqual(SHARED);
});

test('what pages are made of writes nothing', () => {
  const written = filesUnder('views')
    .filter(({ text }) => /\.(change|insert)\(|\b(INSERT INTO|UPDATE \w+ SET|DELETE FROM)\b/.test(text))
    .map(({ name }) => name);
  const called = filesUnder('views').filter(({ text }) =>
    [...text.matchAll(/import \{([^}]*)\} from '[^']*tables\//g)].some(([, names = '']) =>
      names.split(',').some((one) => writing.has(one.trim())),
    ),
  );
  expect([written, called.map(({ name }) => name)]).toEqual([[], []]);
});
