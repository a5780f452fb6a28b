import { strToU8, zipSync } from 'fflate';
import type { Measurement } from './measure';
import { Visitor } from './visitor';

const ASKS = 2000;
const REST = 4;
/** How long each of those who send waits before the next, in milliseconds. */
const BETWEEN = 1000;
/** A machine that answers faster than this counts as answering in this time, in milliseconds. */
const FLOOR = 5;

/** Who is there, and the posts that they may write: those of the demo class. */
export interface HostileHouse {
  readonly origin: string;
  readonly teacher: { readonly email: string; readonly password: string };
  readonly student: { readonly code: string; readonly name: string; readonly passcode: string };
}

/**
 * `hostile-alive`: while one person sends twelve things that used to stop everybody, over and over, the 99th of 100 of how long
 * `/api/alive` takes another, against the same without them.
 */
export async function benchHostile(house: HostileHouse): Promise<readonly Measurement[]> {
  const calm = await askAlive(house.origin);
  const sending = { on: true, sent: 0 };
  const inputs = await hostileInputs(house);
  const senders = inputs.map(async (send) => {
    while (sending.on) {
      await send();
      sending.sent += 1;
      await new Promise((resolve) => setTimeout(resolve, BETWEEN));
    }
  });
  const beside = await askAlive(house.origin);
  sending.on = false;
  await Promise.all(senders);
  const floor = Math.max(FLOOR, calm);
  return [
    {
      name: 'hostile-alive',
      ratio: Math.round((beside / floor) * 100) / 100,
      value: Math.round(beside),
      unit: 'ms',
    },
    { name: 'hostile-sent', ratio: 1, value: sending.sent, unit: 'inputs' },
  ];
}

/** The 99th of 100 of how long the application takes to say that it is alive, in milliseconds. */
async function askAlive(origin: string): Promise<number> {
  const taken: number[] = [];
  for (let asks = 0; asks < ASKS; asks += 1) {
    const start = performance.now();
    await (await fetch(`${origin}/api/alive`)).text();
    taken.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, REST));
  }
  return taken.sort((a, b) => a - b)[Math.floor(taken.length * 0.99)] ?? Infinity;
}

type Send = () => Promise<unknown>;

async function hostileInputs({ origin, teacher, student }: HostileHouse): Promise<readonly Send[]> {
  const child = await new Visitor(origin).signInStudent(student.code, student.name, student.passcode);
  const adult = await new Visitor(origin).signInAdult(teacher.email, teacher.password);
  const { postId, classId } = await ownPost(child);
  const file = (name: string, bytes: Uint8Array<ArrayBuffer>) => () =>
    child.send(`/api/files?writingId=${postId}&name=${name}`, bytes);
  const save = (body: string) => () => child.send('/api/do/savePost', body);
  const writing = (body: string) =>
    `{"postId":"${postId}","version":1,"writing":{"title":"","labels":[],"body":${body}}}`;
  const list = (inner: string) =>
    `{"type":"bulletList","content":[{"type":"listItem","content":[{"type":"paragraph"},${inner}]}]}`;
  const nestedDocument = `{"type":"doc","content":[${'{"type":"blockquote","content":['.repeat(60_000)}{"type":"paragraph"}${']}'.repeat(60_000)}]}`;
  const wideDocument = `{"type":"doc","content":[${Array.from({ length: 60_000 }, () => '{"type":"paragraph"}').join(',')}]}`;
  const stranger = new Visitor(origin, '198.51.100.7');
  const wrong = JSON.stringify({ as: 'adult', email: teacher.email, password: 'not this one' });
  const csv = Buffer.from(
    `given name,family name,id\n${Array.from({ length: 20_000 }, (_, index) => `G${index},F${index},i${index}`).join('\n')}`,
  ).toString('base64');
  return [
    file('deep.odt', odt(nested('<text:list><text:list-item>', '</text:list-item></text:list>', 20_000))),
    file('brackets.md', text('['.repeat(100_000))),
    file('quotes.md', text('>'.repeat(50_000))),
    file('stars.md', text('*_'.repeat(50_000))),
    file('deep.html', text(nested('<ul><li>', '</li></ul>', 50_000))),
    file('long.txt', text('x\n\n'.repeat(1_300_000))),
    file('bomb.docx', zipSync({ 'word/document.xml': new Uint8Array(70 * 1024 * 1024) })),
    save(writing(nestedDocument)),
    save(writing(wideDocument)),
    save(writing(`{"type":"doc","content":[${list(list(list('{"type":"paragraph"}')))}]}`)),
    () => Promise.all(Array.from({ length: 30 }, () => stranger.send('/api/session', wrong))),
    () =>
      adult.send(
        '/api/do/previewImport',
        JSON.stringify({ classId, source: { kind: 'csv', file: csv }, same: [], another: [] }),
      ),
  ];
}

/** A post that the student may write, and its class, as the pages name them. */
async function ownPost(child: Visitor): Promise<{ readonly postId: string; readonly classId: string }> {
  const today = await (await child.get('/today')).text();
  const [, classId, postId] = /\/class\/([0-9a-z]{16})\/writing\/([0-9a-z]{16})/.exec(today) ?? [];
  if (!classId || !postId) throw new Error('the student has no post to write');
  return { postId, classId };
}

function nested(open: string, close: string, depth: number): string {
  return open.repeat(depth) + close.repeat(depth);
}

function text(content: string): Uint8Array<ArrayBuffer> {
  return new Uint8Array(Buffer.from(content));
}

function odt(content: string): Uint8Array<ArrayBuffer> {
  return zipSync({
    'content.xml': strToU8(
      `<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:text>${content}</office:text></office:body></office:document-content>`,
    ),
  });
}
