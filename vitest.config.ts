import path from 'node:path';
import { defineConfig } from 'vitest/config';
import { HOUSES } from './tests/browser/houses';
import { PLACES } from './tests/server/testPlaces';

const resolve = { alias: { '@': path.resolve(import.meta.dirname, 'src') } };

export default defineConfig({
  test: {
    projects: [
      {
        resolve,
        test: {
          name: 'core',
          // Machines are shared and slow; nothing here is a race.
          testTimeout: 60_000,
          // Whatever the others do not run: no file of tests is forgotten.
          include: ['src/**/*.test.ts', 'demo/**/*.test.ts'],
          exclude: ['src/{server,launch}/**'],
        },
      },
      {
        resolve,
        test: {
          name: 'server',
          include: ['src/{server,launch}/**/*.test.ts'],
          globalSetup: ['tests/server/startDatabase.ts'],
          // Each of the processes has a database of its own; a file begins by emptying it.
          setupFiles: ['tests/support/atOwnPlace.ts'],
          maxWorkers: PLACES,
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
      {
        resolve,
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          globalSetup: ['tests/browser/startHouse.ts'],
          // Each of the processes has a house of its own; a file finds it as it began.
          setupFiles: ['tests/support/atOwnPlace.ts', 'tests/browser/beforeEachFile.ts'],
          maxWorkers: HOUSES,
          testTimeout: 240_000,
          hookTimeout: 240_000,
        },
      },
    ],
  },
});
