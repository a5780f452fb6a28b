import type { Surroundings } from './houses';

// Before a file's tests are read: the settings come from the environment.
const houses = JSON.parse(process.env['PORCH_TEST_HOUSES'] ?? '[]') as readonly Surroundings[];
const own = houses[(Number(process.env['VITEST_POOL_ID']) - 1) % houses.length];
if (!own) throw new Error('there is no house for this process');
Object.assign(process.env, own);
