import { connect } from 'node:net';
import { readdirSync } from 'node:fs';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Door } from '../../src/contract/door';
import { USE_CASES } from '../../src/server/useCases';
import { origin } from './person';
import { cookies, ids, signEverybodyIn, type Who } from './walkers';

beforeAll(signEverybodyIn);

const DOORS = readdirSync('src/contract/doors').map((file) => file.replace('.ts', ''));
const doorNamed = async (name: string): Promise<Door<unknown, unknown>> => {
  const module = (await import(`../../src/contract/doors/${name}.ts`)) as Record<
    string,
    Door<unknown, unknown>
  >;
  return module[name]!;
};

const LONG = 'a'.repeat(1_000_000);
const MANY = Array.from({ length: 60_000 }, (_, index) => `x${index}`);
const DEEP = '['.repeat(60_000) + ']'.repeat(60_000);

interface Formed {
  readonly properties?: Readonly<Record<string, object>>;
  readonly oneOf?: readonly Formed[];
}

/** The fields of each form that an input may have. */
const formsOf = (schema: Formed): readonly (readonly string[])[] =>
  (schema.oneOf ?? [schema]).map((one) => Object.keys(one.properties ?? {}));

/** What is asked for with each field far too long, with far too many parts, or nested without an end. */
function bodiesFor(schema: object): readonly string[] {
  const known = {
    classId: ids.classId,
    postId: ids.draft,
    writingId: ids.draft,
    assignmentId: ids.assignment,
  };
  return [
    DEEP,
    `{"a":${DEEP}}`,
    ...formsOf(schema).flatMap((fields) =>
      [JSON.stringify(LONG), JSON.stringify(MANY), DEEP].map((value) => {
        const parts = fields.map((name) => {
          const right = (known as Readonly<Record<string, string>>)[name];
          return `${JSON.stringify(name)}:${right ? JSON.stringify(right) : value.slice(0, value === DEEP ? undefined : 1_000_000 / fields.length)}`;
        });
        return `{${parts.join(',')}}`;
      }),
    ),
  ];
}

async function send(path: string, method: string, body: string, who: Who): Promise<number> {
  const answer = await fetch(origin() + path, {
    method,
    body,
    headers: { 'content-type': 'application/json', origin: origin(), cookie: cookies.get(who) ?? '' },
  });
  await answer.arrayBuffer();
  return answer.status;
}

describe.each(DOORS)('%s', (name) => {
  test('is sent far too much, and answers in words', async () => {
    const door = await doorNamed(name);
    for (const body of bodiesFor(door.input))
      for (const who of ['visitor', 'writer', 'teacher'] as const) {
        // Ending the sessions of the one who asks would end the walk.
        if (name === 'endSessions' && who !== 'visitor') continue;
        const status = await send(door.path, door.method, body, who);
        expect([name, who, status < 500]).toEqual([name, who, true]);
      }
  });
});

test('every deed is sent far too much, and answers in words', async () => {
  for (const useCase of Object.values(USE_CASES))
    for (const body of bodiesFor(useCase.input)) {
      const status = await send(`/api/do/${useCase.name}`, 'POST', body, 'teacher');
      expect([useCase.name, status < 500]).toEqual([useCase.name, true]);
    }
});

const BYTES = [
  () => `/api/pictures?classId=${ids.classId}`,
  () => `/api/handouts?classId=${ids.classId}&name=plan.pdf`,
  () => `/api/files?writingId=${ids.draft}&name=text.docx`,
] as const;

test.each(BYTES)('a file a thousand times as large is not taken', async (address) => {
  const huge = new Uint8Array(120_000_000);
  const answer = await fetch(origin() + address(), {
    method: 'POST',
    body: huge,
    headers: {
      'content-type': 'application/octet-stream',
      origin: origin(),
      cookie: cookies.get('teacher') ?? '',
    },
  }).catch((error: unknown) => error);
  // The line may be closed while it is still sent; no more of it is read.
  if (answer instanceof Response) expect([200, 413, 422, 400]).toContain(answer.status);
  if (answer instanceof Response && answer.status === 200) expect(await answer.text()).toContain('tooLarge');
  expect((await fetch(`${origin()}/api/alive`)).status).toBe(200);
});

test.each([...BYTES, () => '/api/do/savePost', () => '/api/session', () => '/blog/wind'])(
  'what breaks off on the way changes nothing, and the next one is answered',
  async (address) => {
    const { hostname, port } = new URL(origin());
    await new Promise<void>((resolve, reject) => {
      const socket = connect(Number(port), hostname, () => {
        socket.write(
          `POST ${address()} HTTP/1.1\r\nHost: ${new URL(origin()).host}\r\nOrigin: ${origin()}\r\n` +
            `Cookie: ${cookies.get('teacher') ?? ''}\r\nContent-Type: application/json\r\nContent-Length: 90000\r\n\r\n{"a":`,
        );
        setTimeout(() => socket.destroy(), 300);
      });
      socket.on('error', reject);
      socket.on('close', () => resolve());
    });
    expect((await fetch(`${origin()}/api/alive`)).status).toBe(200);
  },
);
