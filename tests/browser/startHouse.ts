import { cpSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { loadDemo } from '../../demo/loadDemo';
import { startApplication } from '../../src/launch/application';
import { build } from '../../src/launch/build';
import { startMariadb } from '../../src/launch/mariadb';
import { freePort } from '../../src/launch/ports';
import { startMailServer } from '../../standins/mailServer';
import { startWeb } from '../../standins/web';
import { startSchoolSignIn } from '../../standins/schoolSignIn';
import { closePool } from '../../src/server/ground/database/pool';
import { migrate } from '../../src/server/ground/database/migrate';
import { keepAsBegun } from './asBegun';
import { openControl } from './houseControl';
import type { Surroundings } from '../support/surroundings';
import { HOUSES } from './houses';

const BUILD = '.next-test';

/** What ends a part of the house. */
type End = () => unknown;

/** The houses of the tests: files run beside each other, each in a house that no other is in. */
export default async function startHouses(): Promise<() => Promise<void>> {
  const { leave, surroundings } = await openHouses(HOUSES, { quick: true });
  process.env['PORCH_TEST_PLACES'] = JSON.stringify(surroundings);
  return leave;
}

/** One house for this process. @see openHouses */
export async function openHouse({ quick }: { readonly quick: boolean }): Promise<() => Promise<void>> {
  const { leave, surroundings } = await openHouses(1, { quick });
  Object.assign(process.env, surroundings[0]);
  return leave;
}

/**
 * Whole houses as people use them: production build, real database, the demo class; beside a running demo.
 * @param quick true where nothing is measured: commits are not flushed one by one, and a killed database may lose the last
 */
async function openHouses(
  count: number,
  { quick }: { readonly quick: boolean },
): Promise<{ readonly leave: () => Promise<void>; readonly surroundings: readonly Surroundings[] }> {
  const ends: End[] = [];
  const leave = async () => {
    for (const end of ends.toReversed()) await end();
  };
  const ended = (by: End) => ends.push(by);
  try {
    const folder = mkdtempSync(path.join(tmpdir(), 'porch-browser-'));
    ended(() => rmSync(folder, { recursive: true, force: true }));
    await build(process.cwd(), BUILD);
    const plots: Plot[] = [];
    for (let index = 0; index < count; index += 1)
      plots.push(await plot(path.join(folder, String(index)), quick, ended));
    const [first, ...others] = plots;
    if (first) await layOutDemo(first);
    // A socket is of no use to another server.
    const filter = (source: string) => !source.endsWith('.sock');
    for (const { place } of others) cpSync(first?.place ?? '', place, { recursive: true, filter });
    const surroundings: Surroundings[] = [];
    for (const one of plots) surroundings.push(await open(one, ended));
    return { leave, surroundings };
  } catch (error) {
    // What had begun would keep the process alive.
    await leave();
    throw error;
  }
}

/** Where a house is to stand, with all that stands around it already. */
interface Plot {
  readonly place: string;
  readonly database: { readonly quick: boolean; readonly port: number };
  readonly port: number;
  /** What its application and its tests are told, but for the database. */
  readonly around: Surroundings;
}

async function plot(place: string, quick: boolean, ended: (by: End) => void): Promise<Plot> {
  const port = await freePort();
  const origin = `http://127.0.0.1:${port}`;
  const mail = await startMailServer();
  ended(() => mail.stop());
  const school = await startSchoolSignIn(await freePort(), `${origin}/api/school/back`);
  ended(() => school.stop());
  const web = await startWeb();
  ended(() => web.stop());
  return {
    place,
    database: { quick, port: await freePort() },
    port,
    around: {
      PORCH_PICTURES: path.join(place, 'pictures'),
      PORCH_ORIGIN: origin,
      PORCH_LOG: 'silent',
      PORCH_UNDO_SECONDS: '5',
      PORCH_MAIL: mail.smtp,
      PORCH_STAND_IN_WEB: web.address,
      PORCH_SCHOOL_ISSUER: school.issuer,
      PORCH_SCHOOL_CLIENT: school.client,
      PORCH_SCHOOL_SECRET: school.secret,
      PORCH_SCHOOL_NAME: 'Alder Quay School',
      PORCH_TEST_MAIL: mail.page,
      PORCH_TEST_ORIGIN: origin,
    },
  };
}

/** Lays a database and pictures out as the demo begins. Other houses begin with a copy of them. */
async function layOutDemo({ place, database: settings, around }: Plot): Promise<void> {
  mkdirSync(path.join(place, 'pictures'), { recursive: true });
  const database = await startMariadb(place, settings);
  try {
    await migrate(database.url, path.resolve('src/server/ground/database/migrations'));
    Object.assign(process.env, around, { DATABASE_URL: database.url });
    await loadDemo({ now: new Date(), progress: () => undefined });
    await keepAsBegun();
    await closePool();
  } finally {
    await database.stop();
  }
}

/** Opens a house that was laid out; what its tests are told of it. */
async function open(
  { place, database: settings, port, around }: Plot,
  ended: (by: End) => void,
): Promise<Surroundings> {
  let database = await startMariadb(place, settings);
  ended(() => database.stop());
  const surroundings = { ...around, DATABASE_URL: database.url };
  const begin = () => {
    // The application takes over what stands around it in the moment in which it is started.
    Object.assign(process.env, surroundings);
    return startApplication({
      root: process.cwd(),
      build: BUILD,
      port,
      databaseUrl: database.url,
      pictures: path.join(place, 'pictures'),
      log: 'error',
    });
  };
  let application = await begin();
  ended(() => application.stop());
  const control = await openControl({
    killApplication: () => application.kill(),
    startApplication: async () => {
      application = await begin();
    },
    stopDatabase: () => database.stop(),
    killDatabase: () => database.kill(),
    startDatabase: async () => {
      database = await startMariadb(place, settings);
    },
  });
  ended(() => control.close());
  return { ...surroundings, PORCH_TEST_HOUSE: control.address };
}
