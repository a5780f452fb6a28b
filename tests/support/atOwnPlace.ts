import type { Surroundings } from './surroundings';

// Before a file's tests are read: the settings come from the environment.
const places = JSON.parse(process.env['PORCH_TEST_PLACES'] ?? '[]') as readonly Surroundings[];
const own = places[(Number(process.env['VITEST_POOL_ID']) - 1) % places.length];
if (!own) throw new Error('there is no place for this process');
Object.assign(process.env, own);
